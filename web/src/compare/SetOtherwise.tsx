import type { ReactNode } from 'react';
import type { Cut, Draft } from '../api/client';
import { VERDICT_WORDS, verdictColour } from '../kit/Plumb';
import { useUnit } from '../tape/unit';
import { useInWords } from '../tickets/inWords';
import { linesOtherwise, madeOtherwise, setOtherwise } from './otherwise';

/** What the draft laid over sets otherwise and why, what it is made with, and which plumb lines hang otherwise. */
export function SetOtherwise({ cut, ink, over }: { cut: Cut; ink: Draft; over: Draft }) {
  const unit = useUnit();
  const words = useInWords(cut.id);
  const set = setOtherwise(cut, ink, over);
  const made = madeOtherwise(ink, over);
  const lines = linesOtherwise(ink, over);
  const said = over.notices.filter((n) => !ink.notices.some((o) => o.id === n.id));
  const value = (key: string, of: (typeof set)[number]['ink']) =>
    of === null ? 'nothing' : words.value(`settings.${key}`, of);
  return (
    <>
      <Part title="Set otherwise" empty={set.length === 0}>
        {set.map((s) => (
          <Row
            key={s.key}
            title={words.title(`settings.${s.key}`)}
            from={value(s.key, s.ink)}
            to={value(s.key, s.over)}
            why={unit.words(s.why)}
          />
        ))}
      </Part>
      <Part title="Made otherwise" empty={made.length === 0}>
        {made.map((m) => (
          <Row key={m.id} title={m.title} from={m.over ? 'without' : 'with'} to={m.over ? 'with' : 'without'} why="" />
        ))}
      </Part>
      <Part title="Plumb lines that hang otherwise" empty={lines.length === 0}>
        {lines.map((l) => (
          <Row
            key={l.id}
            title={l.title}
            from={l.ink === null ? 'not asked' : VERDICT_WORDS[l.ink]}
            to={l.over === null ? 'not asked' : <span className={verdictColour(l.over)}>{VERDICT_WORDS[l.over]}</span>}
            why={unit.words(l.text)}
          />
        ))}
      </Part>
      <Part title="To know" empty={said.length === 0}>
        {said.map((n) => (
          <li key={n.id} className="border-line border-b py-1.5">
            {unit.words(n.text)}
          </li>
        ))}
      </Part>
    </>
  );
}

function Part({ title, empty, children }: { title: string; empty: boolean; children: ReactNode }) {
  return empty ? null : (
    <section className="pb-3">
      <h3 className="border-line border-b pb-1 font-semibold text-soft">{title}</h3>
      <ul>{children}</ul>
    </section>
  );
}

function Row({ title, from, to, why }: { title: string; from: ReactNode; to: ReactNode; why: string }) {
  return (
    <li className="border-line border-b py-1.5">
      <p className="flex flex-wrap justify-between gap-x-3">
        <span>{title}</span>
        <span className="ml-auto text-right">
          {from} → <span className="font-semibold">{to}</span>
        </span>
      </p>
      {why && <p className="text-small text-soft">{why}</p>}
    </li>
  );
}
