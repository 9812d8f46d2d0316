/**
 * Changes of a ticket as plain data: each has an inverse, and folds into what is there. Nothing here asks or keeps
 * anything.
 */
import type { Draft, SettingValue, Ticket } from '../api/client';
import { clothSaying, clothSays } from './clothSays';

/** What can be changed on a ticket. */
export type Kept = Pick<Ticket, 'name' | 'cut' | 'way' | 'settings' | 'cloth' | 'with' | 'without' | 'promised'>;

/** Where a change is made: name, cut, way, promised, cloth.width, settings.hipEase, made.lining. */
export type Place = string;
export type Value = SettingValue | boolean | null;

/** One change: what is at a place from now on; null takes a setting or a promise away. */
export type Step = { set: Place; to: Value };

export const keptOf = (ticket: Ticket): Kept => ({
  name: ticket.name,
  cut: ticket.cut,
  way: ticket.way,
  settings: ticket.settings,
  cloth: ticket.cloth,
  with: ticket.with,
  without: ticket.without,
  promised: ticket.promised,
});

/** What is at a place; null where nothing is. */
export function valueAt(kept: Kept, place: Place): Value {
  const [head, rest] = split(place);
  switch (head) {
    case 'settings':
      return kept.settings[rest] ?? null;
    case 'cloth':
      return clothSays(kept.cloth, { key: rest });
    case 'made':
      return kept.with.includes(rest) ? WITH : kept.without.includes(rest) ? WITHOUT : null;
    case 'name':
      return kept.name;
    case 'cut':
      return kept.cut;
    case 'way':
      return kept.way;
    default:
      return kept.promised;
  }
}

/** What is there once changes are made, one after the other. What does not fit its place is left out. */
export function fold(kept: Kept, steps: readonly Step[]): Kept {
  return steps.reduce(made, kept);
}

function made(kept: Kept, { set, to }: Step): Kept {
  const [head, rest] = split(set);
  if (head === 'settings') {
    const { [rest]: _, ...others } = kept.settings;
    return { ...kept, settings: to === null || typeof to === 'boolean' ? others : { ...others, [rest]: to } };
  }
  if (head === 'cloth') return { ...kept, cloth: clothSaying(kept.cloth, rest, to) };
  if (head === 'made') {
    return { ...kept, with: member(kept.with, rest, to === WITH), without: member(kept.without, rest, to === WITHOUT) };
  }
  if (head === 'promised') return { ...kept, promised: typeof to === 'string' ? to : null };
  if (typeof to !== 'string') return kept;
  if (head === 'name') return { ...kept, name: to };
  if (head === 'cut') return { ...kept, cut: to };
  return head === 'way' ? { ...kept, way: to } : kept;
}

/** What a hand says of an operation: that it is added, or taken off; nothing is as the recipe has it. */
export const WITH = 'with';
export const WITHOUT = 'without';

/** Taking an operation on or off: one that goes to the same place gives it up. */
export function ticked(all: readonly Draft['made'][number][], one: Draft['made'][number], on: boolean): Step[] {
  const givesWay = all.filter((m) => on && m.id !== one.id && m.place === one.place && !m.recipe);
  return [
    ...givesWay.map((m): Step => ({ set: `made.${m.id}`, to: null })),
    { set: `made.${one.id}`, to: on === one.recipe ? null : on ? WITH : WITHOUT },
  ];
}

function member(names: string[], name: string, there: boolean): string[] {
  const others = names.filter((n) => n !== name);
  return there ? [...others, name].sort() : others;
}

function split(place: Place): [string, string] {
  const dot = place.indexOf('.');
  return dot < 0 ? [place, ''] : [place.slice(0, dot), place.slice(dot + 1)];
}

/** What takes changes back, made on what was there before them. */
export function inverse(before: Kept, steps: readonly Step[]): Step[] {
  const back: Step[] = [];
  for (const { set } of steps) if (!back.some((s) => s.set === set)) back.unshift({ set, to: valueAt(before, set) });
  return back;
}

/** Changes one after the other as one: of several at a place the last counts. */
export function merged(...runs: (readonly Step[])[]): Step[] {
  const last = new Map<Place, Step>();
  for (const step of runs.flat()) {
    last.delete(step.set);
    last.set(step.set, step);
  }
  return [...last.values()];
}

/** Whether two values say the same; a length against a level is told by its two parts. */
export const same = (one: Value, other: Value): boolean =>
  one === other ||
  (typeof one === 'object' && typeof other === 'object' && JSON.stringify(one) === JSON.stringify(other));

/** Every place at which two differ. */
export function differing(one: Kept, other: Kept): Place[] {
  const settings = [...new Set([...Object.keys(one.settings), ...Object.keys(other.settings)])].sort();
  const made = [...new Set([one, other].flatMap((k) => [...k.with, ...k.without]))].sort();
  const places = [
    'name',
    'cut',
    'way',
    'promised',
    ...Object.keys(one.cloth).map((part) => `cloth.${part}`),
    ...settings.map((s) => `settings.${s}`),
    ...made.map((m) => `made.${m}`),
  ];
  return places.filter((p) => !same(valueAt(one, p), valueAt(other, p)));
}

/** The changes that bring one to the other. */
export const toward = (from: Kept, to: Kept): Step[] =>
  differing(from, to).map((set) => ({ set, to: valueAt(to, set) }));

/** What a remedy or a correction changes: settings, those given back to their way, the cloth's width. */
export type Changing = {
  settings: Record<string, SettingValue>;
  givesBack?: string[];
  clothWidth?: number | null;
};

/** The changes a remedy or a correction makes. */
export function remedySteps(remedy: Changing): Step[] {
  const steps: Step[] = Object.entries(remedy.settings).map(([key, to]) => ({ set: `settings.${key}`, to }));
  for (const key of remedy.givesBack ?? []) steps.push({ set: `settings.${key}`, to: null });
  if (remedy.clothWidth) steps.push({ set: 'cloth.width', to: remedy.clothWidth });
  return steps;
}

/** A ticket as it came from somewhere that does not say so. */
export function isTicket(value: unknown): value is Ticket {
  return typeof value === 'object' && value !== null && 'version' in value && 'settings' in value && 'cloth' in value;
}

/** What is asked once a remedy is applied. */
export function remedied<A extends { settings: Record<string, SettingValue>; cloth: { width?: number } }>(
  asked: A,
  remedy: Changing,
): A {
  const kept = Object.entries(asked.settings).filter(([key]) => !remedy.givesBack?.includes(key));
  return {
    ...asked,
    settings: { ...Object.fromEntries(kept), ...remedy.settings },
    cloth: remedy.clothWidth ? { ...asked.cloth, width: remedy.clothWidth } : asked.cloth,
  };
}
