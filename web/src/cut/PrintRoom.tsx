import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from '../kit/Button';
import { Segmented } from '../kit/Segmented';
import { Overlay } from '../kit/Sheet';
import { useUnit } from '../tape/unit';
import { fileOf } from './fileOf';
import { PrintLink } from './PrintLink';
import { PAPERS, type Paper } from './papers';

const THINGS = [
  { id: 'pattern', title: 'Pattern', about: 'Every piece at full size, or a model of it' },
  { id: 'lay', title: 'Lay sheet', about: 'How the pieces lie on the cloth, and how much to buy' },
  { id: 'making', title: 'Cut list and order of making', about: 'For whoever cuts and sews it' },
  { id: 'bench', title: 'Bench sheet', about: 'Distances from two base lines, to draw with tape and chalk' },
  { id: 'practice', title: 'Practice sheet', about: 'The draft as it is drawn, four steps a page' },
  { id: 'file', title: 'A file for another machine', about: 'Drawing, plotter, cutter or spreadsheet' },
] as const;

type Thing = (typeof THINGS)[number]['id'];

const FILES = [
  { id: 'pattern.svg', title: 'SVG', about: 'a drawing in real units, a yard wide' },
  { id: 'pattern.dxf', title: 'DXF', about: 'a block for each piece, a layer for each kind of line' },
  { id: 'plot.hpgl', title: 'HP-GL', about: 'for a roll plotter, along the roll' },
  { id: 'cutlist.csv', title: 'CSV', about: 'the cut list, to open as a table' },
] as const;

type File = (typeof FILES)[number]['id'];

/** All that comes out of the machine, under one button. */
export function PrintRoom(props: {
  id: string;
  paper: Paper;
  onPaper: (paper: Paper) => void;
  /** What is looked at when it is opened. */
  first: Thing;
  /** The cloth whose lay is looked at. */
  layer?: string;
  /** Whether pieces that are alike but for the neck are drawn as one. */
  necklines?: 'together' | 'apart';
}) {
  const [search, setSearch] = useSearchParams();
  const [picked, setThing] = useState<Thing | null>(null);
  const thing = picked ?? props.first;
  const put = (open: boolean) =>
    setSearch(
      (s) => {
        const next = new URLSearchParams(s);
        if (open) next.set('print', '');
        else next.delete('print');
        return next;
      },
      { replace: true },
    );
  return (
    <>
      <Button
        look="main"
        onClick={() => {
          setThing(null);
          put(true);
        }}
      >
        Print…
      </Button>
      <Overlay open={search.has('print')} onClose={() => put(false)} title="Print">
        <fieldset className="flex flex-col">
          <legend className="sr-only">What is printed</legend>
          {THINGS.map((t) => (
            <label
              key={t.id}
              className={`flex min-h-11 cursor-pointer items-center gap-3 border-line border-t py-1
                first-of-type:border-t-0`}
            >
              <input
                type="radio"
                name="printed"
                checked={thing === t.id}
                onChange={() => setThing(t.id)}
                className="size-5 shrink-0 accent-brass"
              />
              <span>
                <span className="font-semibold">{t.title}</span>{' '}
                <span className="block text-small text-soft">{t.about}</span>
              </span>
            </label>
          ))}
        </fieldset>
        {thing === 'pattern' ? <Pattern {...props} /> : thing === 'file' ? <Files {...props} /> : null}
        {(thing === 'lay' || thing === 'making' || thing === 'bench' || thing === 'practice') && (
          <Written {...props} thing={thing} />
        )}
      </Overlay>
    </>
  );
}

function Pattern(props: {
  id: string;
  paper: Paper;
  onPaper: (paper: Paper) => void;
  necklines?: 'together' | 'apart';
}) {
  const { id, paper, onPaper } = props;
  const unit = useUnit();
  const [lines, setLines] = useState<'both' | 'cut' | 'sew'>('both');
  const [model, setModel] = useState<'full' | '2' | '4'>('full');
  const asked = new URLSearchParams({ paper, days: unit.days, lines });
  if (model !== 'full') asked.set('model', model);
  if (props.necklines) asked.set('necklines', props.necklines);
  return (
    <>
      <div className="flex flex-col gap-2.5">
        <Segmented label="Paper" value={paper} options={[...PAPERS]} onChange={onPaper} />
        <Segmented
          label="Lines"
          value={lines}
          options={[
            { id: 'both', title: 'Both lines' },
            { id: 'cut', title: 'Cut line' },
            { id: 'sew', title: 'Sewn line' },
          ]}
          onChange={setLines}
        />
        <Segmented
          label="Size"
          value={model}
          options={[
            { id: 'full', title: 'Full size' },
            { id: '2', title: 'Half' },
            { id: '4', title: 'Quarter' },
          ]}
          onChange={setModel}
        />
      </div>
      <PrintLink look="main" inHand href={`/api/tickets/${id}/print.pdf?${asked}`}>
        {model === 'full' ? 'Print full size' : 'Print a model'}
      </PrintLink>
    </>
  );
}

/** What is written rather than drawn at full size: on the printer's own paper. */
function Written(props: { id: string; paper: Paper; thing: 'lay' | 'making' | 'bench' | 'practice'; layer?: string }) {
  const unit = useUnit();
  const [sheet, setSheet] = useState<'a4' | 'letter'>(props.paper === 'letter' ? 'letter' : 'a4');
  const [chalk, setChalk] = useState(false);
  const things: Record<typeof props.thing, [file: string, more?: Record<string, string>]> = {
    lay: ['lay.pdf', { layer: props.layer ?? 'shell' }],
    making: ['making.pdf'],
    bench: ['bench-sheet.pdf', { allowances: String(chalk) }],
    practice: ['practice.pdf'],
  };
  const [file, more] = things[props.thing];
  return (
    <>
      <Segmented
        label="Paper"
        value={sheet}
        options={[
          { id: 'a4', title: 'A4' },
          { id: 'letter', title: 'Letter' },
        ]}
        onChange={setSheet}
      />
      {props.thing === 'bench' && (
        <label className="flex min-h-11 cursor-pointer items-center gap-2.5">
          <input
            type="checkbox"
            checked={chalk}
            onChange={(e) => setChalk(e.target.checked)}
            className="size-5 accent-brass"
          />
          With the cut line, for chalk straight on cloth
        </label>
      )}
      <PrintLink look="main" href={fileOf(props.id, file, unit, { ...more, paper: sheet })}>
        {
          {
            lay: 'Print the lay',
            making: 'Print the order',
            bench: 'Print the bench sheet',
            practice: 'Print the practice sheet',
          }[props.thing]
        }
      </PrintLink>
    </>
  );
}

function Files({ id }: { id: string }) {
  const unit = useUnit();
  const [file, setFile] = useState<File>('pattern.svg');
  const about = FILES.find((f) => f.id === file)?.about;
  return (
    <>
      <Segmented
        label="Kind of file"
        value={file}
        options={FILES.map((f) => ({ id: f.id, title: f.title }))}
        onChange={setFile}
      />
      <p className="text-soft">
        {FILES.find((f) => f.id === file)?.title}: {about}.
      </p>
      <PrintLink look="main" href={`/api/tickets/${id}/${file}?days=${unit.days}`}>
        Save the file
      </PrintLink>
    </>
  );
}
