/** What can be laid over what: a way, a revision, another cloth, or another person. */
import type { Cloth, Draft, Person, Revision, Settings, Sheet, Step, Way } from '../api/client';
import type { DraftAsked } from '../api/queries';
import { askedOf } from '../measure/readings';
import { pulledTo } from '../tickets/handTest';

/** A side of the comparison, as it stands in the address: now, way:house, rev:2, cloth:0.4, who:<id>. */
export type Side = { id: string; title: string };

/** Every side there is to choose from. */
export function sidesOf(now: string, ways: Way[], cloth: Cloth, revisions: Revision[], people: Person[]): Side[] {
  return [
    { id: 'now', title: `This draft, ${now}` },
    ...ways.map((w) => ({ id: `way:${w.id}`, title: `${w.title} way` })),
    ...otherCloths(cloth).map((s) => ({ id: `cloth:${s}`, title: inCloth(s) })),
    ...revisions.map((r) => ({
      id: `rev:${r.number}`,
      title: `Revision ${r.number}${r.kept ? '' : ', drawn anew by a newer engine'}`,
    })),
    ...people.map((p) => ({ id: `who:${p.id}`, title: p.name })),
  ];
}

/** How far the cloths give that a draft is tried in: woven cloth, a usual knit, and one that gives by half. */
const GIVES = [0, 0.4, 0.5];

/** The cloths a draft can be tried in besides its own: it switches between one that gives and one that does not. */
export const otherCloths = (own: Pick<Cloth, 'stretch'>): number[] =>
  GIVES.filter((s) => (s > 0 ? own.stretch === 0 : own.stretch > 0));

const inCloth = (stretch: number): string =>
  stretch === 0 ? 'In woven cloth' : `In a knit, 10 cm pulled to ${pulledTo(stretch)}`;

/** The cloth of a side: it gives both ways alike; null where the side is in the ticket’s own. */
export function clothOf(side: string): { stretch: number; stretchAlong: number } | null {
  const [kind, id] = side.split(':');
  const stretch = Number(id);
  return kind === 'cloth' && GIVES.includes(stretch) ? { stretch, stretchAlong: stretch } : null;
}

/** What is asked for a side; null while what it needs is not there. */
export function askedFor(
  side: string,
  now: DraftAsked | null,
  revisions: Revision[],
  sheet: Sheet | null,
): DraftAsked | null {
  if (!now) return null;
  const [kind, id = ''] = side.split(':');
  switch (kind) {
    case 'way':
      return { ...now, way: id, settings: id === now.way ? now.settings : lengthOnly(now.settings) };
    case 'rev': {
      const request = revisions.find((r) => String(r.number) === id)?.request;
      return request ? { ...now, settings: {}, ...request } : null;
    }
    case 'cloth': {
      const gives = clothOf(side);
      return gives ? { ...now, cloth: { ...now.cloth, ...gives } } : null;
    }
    case 'who':
      return sheet ? { ...now, measures: askedOf(sheet) } : null;
    default:
      return now;
  }
}

/** Another way is compared at the same length, and otherwise as it would have it. */
export function lengthOnly(settings: Settings): Settings {
  return settings.length === undefined ? {} : { length: settings.length };
}

/** A fact in which two drafts differ; null in the one that does not have it. */
export type Difference = { fact: string; title: string; kind: string; ink: number | null; over: number | null };

/**
 * The facts in which two drafts differ, the largest difference first; counts and angles after the lengths, what one
 * has alone at the end.
 */
export function differences(ink: Draft, over: Draft): Difference[] {
  const steps = new Map<string, Step>();
  for (const s of [...over.steps, ...ink.steps]) if (s.fact) steps.set(s.fact, s);
  const found: Difference[] = [];
  for (const fact of new Set([...Object.keys(ink.facts), ...Object.keys(over.facts)])) {
    const a = ink.facts[fact] ?? null;
    const b = over.facts[fact] ?? null;
    const step = steps.get(fact);
    if (!step || (a !== null && b !== null && Math.abs(b - a) < 0.4)) continue;
    found.push({ fact, title: step.title, kind: step.kind, ink: a, over: b });
  }
  return found.sort((a, b) => size(b) - size(a) || a.title.localeCompare(b.title));
}

function size({ ink, over, kind }: Difference): number {
  if (ink === null || over === null) return -1;
  return kind === 'length' ? Math.abs(over - ink) : Math.abs(over - ink) / 1000;
}
