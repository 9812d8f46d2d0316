// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { lay } from '../testing/page';
import { LengthInput } from './LengthInput';
import { PercentInput } from './PercentInput';
import { useUndoable } from './Undo';

beforeEach(() => localStorage.clear());
afterEach(cleanup);

function Amount({ heard, least = 10, most = 200 }: { heard: (mm: number) => void; least?: number; most?: number }) {
  const [mm, setMm] = useState(25.4);
  const [fault, setFault] = useState<string | null>(null);
  return (
    <form data-form="">
      <LengthInput
        id="one"
        value={mm}
        least={least}
        most={most}
        byHand={false}
        fault={fault ?? undefined}
        describedBy="says"
        onFault={setFault}
        onChange={(v) => {
          setMm(v);
          heard(v);
        }}
      />
      <p id="says">{fault}</p>
      <input id="two" data-amount="" defaultValue="" />
    </form>
  );
}

const field = (id: string): HTMLInputElement => {
  const found = document.getElementById(id);
  if (!(found instanceof HTMLInputElement)) throw new Error(`No field ${id}`);
  return found;
};

function Act({ done }: { done: Parameters<ReturnType<typeof useUndoable>>[0] }) {
  const undoable = useUndoable();
  return (
    <button type="button" onClick={() => undoable(done)}>
      do it
    </button>
  );
}

describe('an amount', () => {
  it('is heard as soon as it is a reading within its limits, and not before', () => {
    const heard = vi.fn();
    lay(<Amount heard={heard} />);
    fireEvent.focus(field('one'));
    fireEvent.change(field('one'), { target: { value: '1 1/' } });
    expect(heard).not.toHaveBeenCalled();
    fireEvent.change(field('one'), { target: { value: '1 1/2' } });
    expect(heard).toHaveBeenLastCalledWith(38.099999999999994);
    fireEvent.change(field('one'), { target: { value: '12' } });
    expect(heard).toHaveBeenCalledTimes(1);
    expect(screen.getByText(/^From/)).toBeDefined();
    expect(field('one').getAttribute('aria-invalid')).toBe('true');
  });

  it('stays as it was typed while it is wrong, and is written properly once it is right', () => {
    lay(<Amount heard={() => {}} />);
    fireEvent.focus(field('one'));
    fireEvent.change(field('one'), { target: { value: 'far' } });
    fireEvent.blur(field('one'));
    expect(field('one').value).toBe('far');
    fireEvent.change(field('one'), { target: { value: '5 cm' } });
    fireEvent.blur(field('one'));
    expect(field('one').value).toBe('2');
  });

  it('takes either decimal mark and writes one’s own', () => {
    localStorage.setItem('plumb.unit', 'cm');
    localStorage.setItem('plumb.mark', ',');
    const heard = vi.fn();
    lay(<Amount heard={heard} />);
    fireEvent.change(field('one'), { target: { value: '3.1' } });
    expect(heard).toHaveBeenLastCalledWith(31);
    fireEvent.change(field('one'), { target: { value: '3,2' } });
    expect(heard).toHaveBeenLastCalledWith(32);
    fireEvent.blur(field('one'));
    expect(field('one').value).toBe('3,2');
  });

  it('goes on to the next with Enter and back to what it was with Escape', () => {
    const heard = vi.fn();
    lay(<Amount heard={heard} />);
    field('one').focus();
    fireEvent.change(field('one'), { target: { value: '2' } });
    fireEvent.keyDown(field('one'), { key: 'Escape' });
    expect(heard).toHaveBeenLastCalledWith(25.4);
    field('one').focus();
    fireEvent.keyDown(field('one'), { key: 'Enter' });
    expect(document.activeElement).toBe(field('two'));
  });
});

describe('a share', () => {
  it('is typed as a percentage with or without its sign', () => {
    const heard = vi.fn();
    const fault = vi.fn();
    lay(<PercentInput id="share" value={0.2} most={0.5} onChange={heard} onFault={fault} />);
    expect(field('share').value).toBe('20 %');
    fireEvent.change(field('share'), { target: { value: '12,5 %' } });
    expect(heard).toHaveBeenLastCalledWith(0.125);
    fireEvent.change(field('share'), { target: { value: '60' } });
    expect(heard).toHaveBeenCalledTimes(1);
    expect(fault).toHaveBeenLastCalledWith('From 0 to 50 %');
  });
});

describe('the undo bar', () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => vi.useRealTimers());

  it('does what takes something away only when nobody wants it back', () => {
    const act1 = vi.fn();
    const undo = vi.fn();
    lay(<Act done={{ text: 'It goes', act: act1, undo }} />);
    fireEvent.click(screen.getByText('do it'));
    act(() => void vi.advanceTimersByTime(7_000));
    expect(act1).not.toHaveBeenCalled();
    act(() => void vi.advanceTimersByTime(2_000));
    expect(act1).toHaveBeenCalledOnce();
    expect(undo).not.toHaveBeenCalled();
  });

  it('brings it back and does not do it', () => {
    const act1 = vi.fn();
    const undo = vi.fn();
    lay(<Act done={{ text: 'It goes', act: act1, undo }} />);
    fireEvent.click(screen.getByText('do it'));
    fireEvent.click(screen.getByText('Undo'));
    act(() => void vi.advanceTimersByTime(20_000));
    expect(undo).toHaveBeenCalledOnce();
    expect(act1).not.toHaveBeenCalled();
  });

  it('does what waited when something else is done, or the page is left', () => {
    const act1 = vi.fn();
    lay(<Act done={{ text: 'It goes', act: act1, undo: () => {} }} />);
    fireEvent.click(screen.getByText('do it'));
    fireEvent.click(screen.getByText('do it'));
    expect(act1).toHaveBeenCalledOnce();
    act(() => void window.dispatchEvent(new Event('pagehide')));
    expect(act1).toHaveBeenCalledTimes(2);
  });
});
