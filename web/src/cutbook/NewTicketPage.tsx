import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate, useSearchParams } from 'react-router';
import { api, type Person, type Problem, unwrap, type Views } from '../api/client';
import { useCutBook, useCuts, useMeasures, usePerson, useSheets, useWays } from '../api/queries';
import { useAction } from '../api/useAction';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';
import { Pick } from '../kit/Pick';
import { Scroll } from '../kit/Scroll';
import { Segmented } from '../kit/Segmented';
import { Shell } from '../kit/Shell';
import { Waiting } from '../kit/Waiting';
import { PersonPick } from '../rack/PersonPick';
import { useUnit } from '../tape/unit';
import { waysOf } from '../words/ways';
import { byName, type Letters, letters } from './byName';
import { CutCard } from './CutCard';
import { FromHerTape } from './FromHerTape';

const GROUPS = [
  { id: 'all', title: 'All' },
  { id: 'skirts', title: 'Skirts' },
  { id: 'trousers', title: 'Trousers' },
  { id: 'shorts', title: 'Shorts' },
  { id: 'one-piece', title: 'One-piece' },
] as const;

type Group = (typeof GROUPS)[number]['id'];

/** What is hung on the rack, and whether it can be drafted at once. */
type NewTicket = { ticket: Views['TicketRequest']; drafted: boolean };

/** A new ticket: whom for, known or new; then a cut by its picture on her own measures. */
export function NewTicketPage() {
  const [search, setSearch] = useSearchParams();
  const id = search.get('person') ?? '';
  const person = usePerson(id);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const making = useAction(async ({ ticket, drafted }: NewTicket) => {
    const made = await unwrap(api.POST('/api/tickets', { body: ticket }));
    await queries.invalidateQueries({ queryKey: ['tickets'] });
    // What cannot be drafted yet goes to the tape first.
    navigate(`/tickets/${made.id}/${drafted ? 'draft' : 'measure'}`);
  });
  const choose = (who: Person | null) => {
    making.reset();
    writing.reset();
    setSearch(
      (s) => {
        const next = new URLSearchParams(s);
        if (who) next.set('person', who.id);
        else next.delete('person');
        return next;
      },
      { replace: true },
    );
  };
  const writing = useAction(async (name: string) => {
    const written = await unwrap(api.POST('/api/people', { body: { name, note: '' } }));
    await queries.invalidateQueries({ queryKey: ['people'] });
    choose(written);
  });
  const who = id === '' ? null : (person.data ?? null);
  return (
    <Shell
      fixed
      bar={
        <>
          <h1 className="font-head font-semibold text-lead">New ticket</h1>
          <span className="text-soft">for</span>
          <div className="w-72 max-w-full">
            <PersonPick
              label="For"
              hidden
              person={who}
              onPick={choose}
              onNew={writing.run}
              inHand={id === ''}
              fault={making.problem?.at('personId') ?? writing.problem?.at('name')}
            />
          </div>
          <span className="text-soft">
            {who === null
              ? 'A name: somebody of the book, or somebody new.'
              : who.sheets > 0
                ? 'Drawn on these measures.'
                : 'Not measured yet: drawn on a usual body.'}
          </span>
        </>
      }
    >
      <Form key={who?.id ?? ''} who={who} onMake={making.run} problem={making.problem} />
    </Shell>
  );
}

function Form(props: { who: Person | null; problem: Problem | null; onMake: (ticket: NewTicket) => void }) {
  const { who, problem, onMake } = props;
  const cuts = useCuts();
  const ways = useWays();
  const measures = useMeasures();
  const sheets = useSheets(who?.id ?? '');
  const book = useCutBook(who?.id ?? '', who?.sheets ?? 0);
  const navigate = useNavigate();
  const unit = useUnit();
  const [search] = useSearchParams();
  const [group, setGroup] = useState<Group>('all');
  const { register, handleSubmit, setValue, watch } = useForm({
    defaultValues: { cut: search.get('cut') ?? 'straight-skirt', way: '', name: '', promised: '' },
  });
  const cutId = watch('cut');
  const wayId = watch('way');
  const cut = cuts.data?.find((c) => c.id === cutId);
  const pictures = useRef<HTMLDivElement>(null);
  const pressed = useRef<Letters | null>(null);
  const drawn = book.data !== undefined;
  // Once it is known whom for, the cut is chosen: by arrows, or by the first letters of its name.
  useEffect(() => {
    if (who && drawn) pictures.current?.querySelector<HTMLInputElement>('input:checked')?.focus();
  }, [who, drawn]);
  const page = book.data?.find((p) => p.cut === cutId);
  const offered = waysOf(cut, ways.data);
  const way = offered.find((w) => w.id === (wayId || cut?.way));
  const make = handleSubmit(({ name, promised }) =>
    onMake({
      ticket: {
        personId: who?.id,
        name: name.trim() || cut?.title,
        cut: cutId,
        way: way?.id,
        promised: promised || undefined,
      },
      drafted: (who?.sheets ?? 0) > 0 && page?.missing.length === 0,
    }),
  );
  if (!book.data || !cuts.data || !cut)
    return <Waiting error={book.error ?? cuts.error} again={() => book.refetch()} />;
  const titleOf = (key: string) => cuts.data.find((c) => c.id === key)?.title ?? key;
  const choose = (key: string) => {
    setValue('cut', key);
    setValue('way', '');
  };
  const shown = book.data.filter((p) => group === 'all' || cuts.data.find((c) => c.id === p.cut)?.group === group);
  return (
    <form onSubmit={make} className="grid min-h-0 flex-1 gap-5 px-5 py-3 md:grid-cols-[minmax(0,1fr)_20rem]">
      <section className="flex min-h-0 flex-col gap-3">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <h2 className="font-semibold text-title">
            The cut book{who ? `, ${who.sheets > 0 ? 'on' : 'for'} ${who.name.split(' ')[0]}` : ''}
          </h2>
          <div className="w-full max-w-md">
            <Segmented label="Kind of garment" value={group} options={[...GROUPS]} oneRow onChange={setGroup} />
          </div>
        </div>
        <Scroll label="The cut book">
          {/* biome-ignore lint/a11y/noStaticElementInteractions: letters reach the pictures as they reach any list */}
          <div
            ref={pictures}
            className="grid grid-cols-[repeat(auto-fill,minmax(11.5rem,1fr))] gap-3 p-1 pb-4"
            onKeyDown={(e) => {
              if (e.key.length !== 1 || e.key === ' ' || e.ctrlKey || e.metaKey || e.altKey) return;
              e.stopPropagation();
              pressed.current = letters(pressed.current, e.key, e.timeStamp);
              const found =
                shown[
                  byName(
                    shown.map((p) => titleOf(p.cut)),
                    pressed.current.typed,
                  )
                ];
              if (!found) return;
              choose(found.cut);
              pictures.current?.querySelectorAll<HTMLInputElement>('input')[shown.indexOf(found)]?.focus();
            }}
          >
            {shown.map((p) => (
              <CutCard
                key={p.cut}
                page={p}
                title={titleOf(p.cut)}
                measures={measures.data ?? []}
                chosen={p.cut === cutId}
                onChoose={() => choose(p.cut)}
              />
            ))}
          </div>
        </Scroll>
      </section>
      <section aria-label={cut.title} className="flex min-h-0 flex-col gap-3 overflow-y-auto pb-2">
        <h2 className="font-semibold text-title">{cut.title}</h2>
        <p className="text-soft">{unit.words(cut.about)}</p>
        <Field
          label="What is it called here"
          placeholder={cut.title}
          maxLength={120}
          fault={problem?.at('name')}
          {...register('name')}
        />
        <div className="grid grid-cols-2 gap-3">
          <div>
            <span className="mb-1 block font-medium">Way</span>
            <Pick
              label="Way of drafting"
              value={way?.id ?? ''}
              options={offered.map((w) => ({ id: w.id, title: w.title }))}
              onChange={(w) => setValue('way', w)}
              className="min-h-11"
            />
          </div>
          <Field label="Promised for" type="date" fault={problem?.at('promised')} {...register('promised')} />
        </div>
        {problem && problem.faults.length === 0 && (
          <p role="alert" className="text-crimson">
            {problem.message}
          </p>
        )}
        <div className="flex gap-3">
          <Button type="submit" look="main">
            Hang it on the rack
          </Button>
          <Button onClick={() => navigate('/')}>Not now</Button>
        </div>
        {page && <FromHerTape page={page} cut={cut} sheet={sheets.data?.[0] ?? null} measures={measures.data ?? []} />}
      </section>
    </form>
  );
}
