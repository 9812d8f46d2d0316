import { describe, expect, it } from 'vitest';
import { forgetTyped } from './forget';

describe('signing out', () => {
  it('leaves no figure of anybody on the machine, and one’s own habits', () => {
    const kept: Record<string, string> = {
      'plumb.sheet.1': '{}',
      'plumb.unsaved.2': '{}',
      'plumb.queue': '{}',
      'plumb.unit': 'cm',
      'plumb.mark': ',',
      other: 'x',
    };
    const storage = Object.assign(Object.create({ removeItem: (key: string) => delete kept[key] }), kept);
    forgetTyped(storage);
    expect(Object.keys(kept).sort()).toEqual(['other', 'plumb.mark', 'plumb.unit']);
  });
});
