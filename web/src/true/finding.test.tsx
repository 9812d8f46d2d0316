// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { madeCheck, madeDraft, madeSetting } from '../testing/made';
import { lay } from '../testing/page';
import { Finding } from './Finding';

beforeEach(() => localStorage.clear());
afterEach(cleanup);

const remedy = {
  text: 'Give the hip an inch',
  settings: { hipEase: 25.4 },
  givesBack: [],
  clothWidth: null,
  words: {},
};
const off = madeCheck({
  verdict: 'off',
  text: 'The skirt does not pass the hip.',
  cause: 'It is cut closer than the body.',
  measured: 960,
  wanted: 980,
  difference: -20,
  remedies: [remedy],
});
const found = (tried: number | null, onTry = vi.fn(), onApply = vi.fn()) => {
  lay(
    <Finding
      check={off}
      figures={[]}
      settings={[madeSetting({})]}
      draft={madeDraft({})}
      tried={tried}
      onTry={onTry}
      onApply={onApply}
    />,
  );
  return { onTry, onApply };
};

describe('what a plumb line found', () => {
  it('is said with its cause and with what would settle it', () => {
    found(null);
    expect(screen.getByText('The skirt does not pass the hip.')).toBeDefined();
    expect(screen.getByText('It is cut closer than the body.')).toBeDefined();
    expect(screen.getByRole('heading', { name: 'Give the hip an inch' })).toBeDefined();
    expect(screen.getByText('1')).toBeDefined();
  });

  it('can be looked at as it would be, left again, and done', () => {
    const first = found(null);
    fireEvent.click(screen.getByText('Look first'));
    expect(first.onTry).toHaveBeenCalledWith(0);
    cleanup();
    const second = found(0);
    fireEvent.click(screen.getByText('As it is'));
    expect(second.onTry).toHaveBeenCalledWith(null);
    fireEvent.click(screen.getByText('Do it'));
    expect(second.onApply).toHaveBeenCalledWith(remedy);
  });

  it('is told to be undecided where nothing that can be set would settle it', () => {
    const undecided = 'Take the tape again.';
    lay(
      <Finding
        check={{ ...off, remedies: [], undecided }}
        figures={[]}
        settings={[]}
        draft={madeDraft({})}
        tried={null}
        onTry={() => {}}
        onApply={() => {}}
      />,
    );
    expect(screen.getByText(undecided)).toBeDefined();
    expect(screen.queryByText('Do it')).toBeNull();
  });
});
