// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Setting, SettingValue } from '../api/client';
import { lay } from '../testing/page';
import { LevelLength } from './LevelLength';

afterEach(cleanup);

const length: Setting = {
  key: 'length',
  title: 'Length',
  label: 'Length',
  kind: 'length',
  zone: 'whole',
  least: 200,
  most: 1400,
  choices: [],
  levelled: true,
  readBy: [],
};

function open(own: SettingValue | undefined, comesTo: number | null = 600) {
  const heard = vi.fn<(to: SettingValue) => void>();
  lay(<LevelLength id="length" setting={length} own={own} comesTo={comesTo} onFault={() => {}} onChange={heard} />);
  const field = document.getElementById('length');
  if (!(field instanceof HTMLInputElement)) throw new Error('No field');
  const pick = (title: string) => {
    fireEvent.keyDown(screen.getByRole('combobox'), { key: 'Enter' });
    fireEvent.click(screen.getByRole('option', { name: title }));
  };
  const write = (text: string) => {
    fireEvent.focus(field);
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
  };
  return { heard, field, pick, write };
}

describe('a length against a level', () => {
  it('is a plain length from the waist until a level is picked', () => {
    const { heard, write } = open(undefined);
    write('60 cm');
    expect(heard).toHaveBeenLastCalledWith(600);
  });

  it('shows the level and the way it is counted', () => {
    open({ from: 'knee', add: -50.8 });
    expect(screen.getByRole('combobox').textContent).toContain('above the knee');
    cleanup();
    open({ from: 'knee', add: 50.8 });
    expect(screen.getByRole('combobox').textContent).toContain('below the knee');
  });

  it('changes nothing when a level is picked, and counts from it with the first amount', () => {
    const { heard, pick, write } = open(undefined);
    pick('above the floor');
    expect(heard).not.toHaveBeenCalled();
    write('10 cm');
    expect(heard).toHaveBeenLastCalledWith({ from: 'floor', add: -100 });
  });

  it('keeps its amount when it is counted from another level', () => {
    const { heard, pick } = open({ from: 'knee', add: -50.8 });
    pick('below the knee');
    expect(heard).toHaveBeenLastCalledWith({ from: 'knee', add: 50.8 });
  });

  it('becomes what it comes to when it is counted from the waist again', () => {
    const { heard, pick } = open({ from: 'knee', add: -50.8 }, 540);
    pick('below the waist');
    expect(heard).toHaveBeenLastCalledWith(540);
  });
});
