// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { lay } from '../testing/page';
import { OpenWorkroom } from './OpenWorkroom';
import { Recover } from './Recover';

type Answered = { status: number; data?: unknown; error?: unknown };

const room = vi.hoisted((): { answers: Answered; asked: unknown[] } => ({ answers: { status: 204 }, asked: [] }));

vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  api: {
    POST: async (_: string, { body }: { body: unknown }) => {
      room.asked.push(body);
      const { status, data, error } = room.answers;
      return { data, error, response: new Response(null, { status }) };
    },
  },
}));

beforeEach(() => {
  room.asked.length = 0;
});
afterEach(cleanup);

const type = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });

describe('a workroom of one’s own', () => {
  it('is opened with what was typed, and shows its recovery code once', async () => {
    room.answers = { status: 201, data: { recovery: 'AB12-CD34' } };
    lay(<OpenWorkroom onBack={() => {}} />);
    type('What the workroom is called', 'Quay');
    type('Your name', 'Ada');
    type('Your e-mail', 'ada@quay.test');
    type('A password', 'four quiet brass lamps');
    fireEvent.click(screen.getByRole('button', { name: /^Open/ }));
    expect(await screen.findByText('AB12-CD34')).toBeDefined();
    expect(room.asked).toEqual([
      { workroom: 'Quay', name: 'Ada', email: 'ada@quay.test', password: 'four quiet brass lamps' },
    ]);
  });

  it('keeps what was typed when it is refused, and says why at the field', async () => {
    const errors = [{ field: 'password', message: 'Too short' }];
    room.answers = { status: 422, error: { detail: 'Too short', errors } };
    lay(<OpenWorkroom onBack={() => {}} />);
    type('Your name', 'Ada');
    fireEvent.click(screen.getByRole('button', { name: /^Open/ }));
    expect(await screen.findByText('Too short')).toBeDefined();
    expect(screen.getByLabelText('A password').getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByLabelText('Your name')).toHaveProperty('value', 'Ada');
  });
});

describe('a lost password', () => {
  it('is set anew by the code, and says so', async () => {
    const back = vi.fn();
    room.answers = { status: 204 };
    lay(<Recover onBack={back} />);
    type('E-mail', 'ada@quay.test');
    type('Recovery code', 'AB12');
    type('A new password', 'four quiet brass lamps');
    fireEvent.click(screen.getByRole('button', { name: 'Set it' }));
    await waitFor(() => expect(back).toHaveBeenCalledWith(expect.stringMatching(/^The new password holds/)));
  });
});
