/** What can be laid over what: a way, a revision, or another person. */
import type { Draft, Person, Revision, Settings, Sheet, Step, Way } from '../api/client';
import type { DraftAsked } from '../api/queries';
import { askedOf } from '../measure/readings';

/** A side of the comparison, as it stands in the address: now, way:house, rev:2, who:<id>. */
export type Side = { id: string; title: string };

/** Every side there is to choose from. */
export function sidesOf(now: string, ways: Way[], revisions: Revision[], people: Person[]): Side[] {
  return [
    { id: 'now', title: `This draft, ${now}` },
    ...ways.map((w) => ({ id: `way:${w.id}`, title: `${w.title} way` })),
    ...revisions.map((r) => ({ id: `rev:${r.number}`, title: `Revision ${r.number}` })),
    ...people.map((p) => ({ id: `who:${p.id}`, title: p.name })),
  ];
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

export type Difference = { fact: string; title: string; kind: string; ink: number; over: number };

/** The facts in which two drafts differ, the largest difference first; counts and angles after the lengths. */
export function differences(ink: Draft, over: Draft): Difference[] {
  const steps = new Map<string, Step>();
  for (const s of [...over.steps, ...ink.steps]) if (s.fact) steps.set(s.fact, s);
  const found: Difference[] = [];
  for (const [fact, a] of Object.entries(ink.facts)) {
    const b = over.facts[fact];
    const step = steps.get(fact);
    if (b === undefined || !step || Math.abs(b - a) < 0.4) continue;
    found.push({ fact, title: step.title, kind: step.kind, ink: a, over: b });
  }
  const size = (d: Difference) => (d.kind === 'length' ? Math.abs(d.over - d.ink) : Math.abs(d.over - d.ink) / 1000);
  return found.sort((a, b) => size(b) - size(a) || a.title.localeCompare(b.title));
}
