// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Fitting, Remark } from '../api/client';
import { madeDraft, madeSetting } from '../testing/made';
import { lay } from '../testing/page';
import { Correction } from './Correction';
import { FittingLog } from './FittingLog';

beforeEach(() => localStorage.clear());
afterEach(cleanup);

const remark: Remark = {
  id: 'tight-hip',
  seen: 'It draws across the hip',
  cause: 'The hip is wider than it was drafted.',
  correction: 'More ease at the hip',
  panel: 'front',
  level: 'hip',
  settings: { hipEase: 38.1 },
  words: {},
};
const corrected = (over: Partial<Parameters<typeof Correction>[0]>) => {
  const onApply = vi.fn();
  const onOwn = vi.fn();
  lay(
    <Correction
      remark={remark}
      draft={madeDraft({})}
      settings={[madeSetting({})]}
      own={{}}
      onOwn={onOwn}
      problem={null}
      busy={false}
      onApply={onApply}
      {...over}
    />,
  );
  return { onApply, onOwn };
};

describe('a correction', () => {
  it('begins with what is proposed, and what a hand types is told', () => {
    const { onOwn } = corrected({});
    const ease = screen.getByLabelText('Hip ease');
    expect(ease.getAttribute('value')).toBe('1½');
    fireEvent.change(ease, { target: { value: '2' } });
    expect(onOwn).toHaveBeenCalledWith('hipEase', 50.8);
  });

  it('is not applied while an amount cannot be, and says why beside it', () => {
    corrected({});
    fireEvent.change(screen.getByLabelText('Hip ease'), { target: { value: '40' } });
    expect(screen.getByRole('alert').textContent).not.toBe('');
    expect(screen.getByText('Apply as a new revision').hasAttribute('disabled')).toBe(true);
  });

  it('is applied with what else was said', () => {
    const { onApply } = corrected({});
    fireEvent.change(screen.getByLabelText('What else was said'), { target: { value: 'she likes it close' } });
    fireEvent.click(screen.getByText('Apply as a new revision'));
    expect(onApply).toHaveBeenCalledWith('she likes it close');
  });

  it('that changes nothing of this garment says so and offers nothing', () => {
    corrected({ remark: { ...remark, settings: {} } });
    expect(screen.getByText(/has nothing to give for it/)).toBeDefined();
    expect(screen.queryByText('Apply as a new revision')).toBeNull();
  });
});

describe('earlier fittings', () => {
  const fitting: Fitting = {
    id: 'f',
    remark: 'tight-hip',
    seen: remark.seen,
    correction: remark.correction,
    note: 'she likes it close',
    before: 1,
    after: 2,
    madeAt: '2026-11-26T08:00:00Z',
    madeBy: 'Winifred Hale',
    changes: { hipEase: 38.1 },
    words: {},
  };

  it('lead to the two revisions laid over each other', () => {
    lay(<FittingLog fittings={[fitting]} ticket="t" />);
    expect(screen.getByText('“she likes it close”')).toBeDefined();
    expect(screen.getByRole('link').getAttribute('href')).toBe('/tickets/t/compare?ink=rev:1&over=rev:2');
  });

  it('take no room where there were none', () => {
    const { container } = lay(<FittingLog fittings={[]} ticket="t" />);
    expect(container.textContent).not.toContain('Earlier');
  });
});
