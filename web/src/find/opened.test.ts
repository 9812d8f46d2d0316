// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from 'vitest';
import { machine } from '../account/machine';
import { forget, note, opened } from './opened';

const place = (n: number) => ({ to: `/tickets/${n}/draft`, title: `Skirt ${n}`, about: 'Somebody' });

beforeEach(() => {
  localStorage.clear();
  machine.belongTo('somebody');
});

describe('what was open last', () => {
  it('is offered the latest first, each once, and no more than a few', () => {
    for (let i = 1; i <= 8; i++) note(place(i));
    note(place(5));
    expect(opened().map((p) => p.title)).toEqual(['Skirt 5', 'Skirt 8', 'Skirt 7', 'Skirt 6', 'Skirt 4', 'Skirt 3']);
  });

  it('is forgotten with what was taken away', () => {
    note(place(1));
    note(place(2));
    forget((p) => p.to.startsWith('/tickets/1/'));
    expect(opened()).toEqual([place(2)]);
  });

  it('is nothing where what is kept cannot be read', () => {
    machine.set('opened', '[{"to":1}, "x"');
    expect(opened()).toEqual([]);
    machine.set('opened', '[{"to":1}, null]');
    expect(opened()).toEqual([]);
  });
});
