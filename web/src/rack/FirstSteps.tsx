import type { ReactNode } from 'react';
import { usePeople } from '../api/queries';
import { ButtonLink } from '../kit/Button';
import { useUnit } from '../tape/unit';

/** An empty rack shows the way from a tape to the first pattern. */
export function FirstSteps() {
  const unit = useUnit();
  const people = usePeople('', 6);
  const somebody = people.items?.[0];
  const measured = people.items?.find((p) => p.sheets > 0);
  return (
    <section aria-label="First steps" className="flex flex-col gap-4">
      <p className="text-lead">The rack is empty. Three steps to a first pattern; each takes a minute or two.</p>
      <ol className="grid gap-4 md:grid-cols-3">
        <Step
          number={1}
          title="Write somebody into the book"
          done={somebody !== undefined}
          act={
            <ButtonLink to="/book" look={somebody ? 'plain' : 'main'}>
              To the measure book
            </ButtonLink>
          }
        >
          A name is enough to begin with. Their figures stay in this workroom.
        </Step>
        <Step
          number={2}
          title="Take waist and hip"
          done={measured !== undefined}
          act={
            somebody && (
              <ButtonLink to={`/book/${somebody.id}`} look={measured ? 'plain' : 'main'}>
                Measure {somebody.name}
              </ButtonLink>
            )
          }
        >
          Type them as you call them out: 38 1/2, {unit.words('97,8')} cm. Waist to hip makes the draft hers; the rest
          is guessed by rules, and marked.
        </Step>
        <Step
          number={3}
          title="Hang the first ticket"
          done={false}
          act={
            <ButtonLink to={measured ? `/new?person=${measured.id}` : '/new'} look={measured ? 'main' : 'plain'}>
              New ticket
            </ButtonLink>
          }
        >
          One garment for one person: a cut, a way of drafting, a day. The draft is there at once, with all its working.
        </Step>
      </ol>
    </section>
  );
}

function Step(props: { number: number; title: string; done: boolean; act: ReactNode; children: ReactNode }) {
  return (
    <li className="flex flex-col gap-2 rounded-card border border-line bg-card p-5 shadow-card">
      <span
        className={`grid size-9 place-items-center rounded-full font-head font-semibold
          ${props.done ? 'bg-pine text-card' : 'bg-tape'}`}
      >
        <span aria-hidden="true">{props.done ? '✓' : props.number}</span>
        {props.done && <span className="sr-only">done</span>}
      </span>
      <h2 className="font-semibold text-lead">{props.title}</h2>
      <p className="grow text-soft">{props.children}</p>
      <div>{props.act}</div>
    </li>
  );
}
