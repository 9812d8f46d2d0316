// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { type Person, Problem } from '../api/client';
import { lay } from '../testing/page';
import { PersonCard } from './PersonCard';

const send = vi.fn();
vi.mock('../tickets/TicketDesk', () => ({ useOutbox: () => ({ send }) }));

beforeEach(() => {
  localStorage.clear();
  send.mockReset();
});
afterEach(cleanup);

const person: Person = {
  id: 'p',
  name: 'Ottoline Varga',
  note: 'left shoulder lower',
  version: 3,
  sheets: 1,
  tickets: 0,
  createdAt: '2026-11-26T08:00:00Z',
  lastTaken: null,
};
const card = () => {
  const onClose = vi.fn();
  lay(<PersonCard open onClose={onClose} onRemove={() => {}} person={person} />);
  return { onClose };
};
const name = () => screen.getByLabelText('Name');

describe('the card of a person', () => {
  it('keeps a name and a note on the version they were read in', async () => {
    send.mockResolvedValue({ answer: { ...person, name: 'Ottoline Varga-Reed', version: 4 } });
    const { onClose } = card();
    fireEvent.change(name(), { target: { value: 'Ottoline Varga-Reed' } });
    fireEvent.click(screen.getByText('Keep'));
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    expect(send.mock.calls[0]?.[0].body).toEqual({
      name: 'Ottoline Varga-Reed',
      note: 'left shoulder lower',
      version: 3,
    });
  });

  it('says at its field what cannot be kept, and keeps what was typed', async () => {
    send.mockRejectedValue(
      new Problem(422, 'Not kept', [{ field: 'name', message: 'A name has at least one letter' }]),
    );
    const { onClose } = card();
    fireEvent.change(name(), { target: { value: ' ' } });
    fireEvent.click(screen.getByText('Keep'));
    expect(await screen.findByText('A name has at least one letter')).toBeDefined();
    expect(name().getAttribute('value')).toBe(' ');
    expect(onClose).not.toHaveBeenCalled();
  });

  it('shows what somebody else wrote meanwhile, and lets either stand', async () => {
    const theirs = { ...person, name: 'Ottoline V.', version: 5 };
    send.mockRejectedValueOnce(new Problem(409, 'Changed meanwhile', [], theirs));
    send.mockResolvedValue({ answer: { ...person, version: 6 } });
    card();
    fireEvent.click(screen.getByText('Keep'));
    expect(await screen.findByText('Ottoline V.')).toBeDefined();
    fireEvent.click(screen.getByText('Keep mine'));
    await waitFor(() => expect(send).toHaveBeenCalledTimes(2));
    expect(send.mock.calls[1]?.[0].body.version).toBe(5);
  });
});
