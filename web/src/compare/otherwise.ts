/** What another cloth, way, hand or body sets otherwise: settings, what is made, and what the plumb lines say. */
import type { Cut, Draft, SettingValue } from '../api/client';

/** One thing that is otherwise; null where one of the two drafts has nothing of it. */
export type Otherwise = { key: string; ink: SettingValue | null; over: SettingValue | null; why: string };

/** Less than this is the same on any tape, mm; of a ratio a thousandth. */
const SAME = { length: 0.4, ratio: 0.0005 };

/** The settings that differ, in the order of the body, with why the draft laid over has them so. */
export function setOtherwise(cut: Cut, ink: Draft, over: Draft): Otherwise[] {
  return cut.settings.flatMap((s): Otherwise[] => {
    const a = inForce(ink, s.key);
    const b = inForce(over, s.key);
    const near = s.kind === 'ratio' ? SAME.ratio : SAME.length;
    const same = typeof a === 'number' && typeof b === 'number' ? Math.abs(a - b) < near : a === b;
    if (same) return [];
    return [{ key: s.key, ink: a, over: b, why: (b === null ? '' : over.settings[s.key]?.why) ?? '' }];
  });
}

/** What it comes to in a draft; null where it says nothing there. */
function inForce(draft: Draft, key: string): number | string | null {
  const set = draft.settings[key];
  return set?.applies ? (set.value ?? set.choice) : null;
}

export type MadeOtherwise = { id: string; title: string; over: boolean };

/** The operations that only one of the two is made with; over where it is the one laid over. */
export function madeOtherwise(ink: Draft, over: Draft): MadeOtherwise[] {
  const done = (draft: Draft) => draft.made.filter((m) => m.done);
  const only = (one: Draft, other: Draft) => done(one).filter((m) => !done(other).some((o) => o.id === m.id));
  return [
    ...only(over, ink).map((m) => ({ id: m.id, title: m.title, over: true })),
    ...only(ink, over).map((m) => ({ id: m.id, title: m.title, over: false })),
  ];
}

export type LineOtherwise = { id: string; title: string; ink: string | null; over: string | null; text: string };

/** The plumb lines that hang otherwise, or hang on one of the two alone; what is off on the one laid over first. */
export function linesOtherwise(ink: Draft, over: Draft): LineOtherwise[] {
  const ids = [...new Set([...over.checks, ...ink.checks].map((c) => c.id))];
  const worst = ['off', 'watch', 'not-taken', 'true'];
  return ids
    .flatMap((id): LineOtherwise[] => {
      const a = ink.checks.find((c) => c.id === id);
      const b = over.checks.find((c) => c.id === id);
      if (a?.verdict === b?.verdict) return [];
      const title = (b ?? a)?.title ?? id;
      return [{ id, title, ink: a?.verdict ?? null, over: b?.verdict ?? null, text: b?.text ?? '' }];
    })
    .sort((one, other) => worst.indexOf(one.over ?? 'true') - worst.indexOf(other.over ?? 'true'));
}
