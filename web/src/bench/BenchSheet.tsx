import { useMemo, useState } from 'react';
import type { BenchPanel } from '../api/client';
import { useBenchSheet } from '../api/queries';
import { fileOf } from '../cut/fileOf';
import { PrintLink } from '../cut/PrintLink';
import { ButtonLink } from '../kit/Button';
import { Pick } from '../kit/Pick';
import { Scroll } from '../kit/Scroll';
import { Segmented } from '../kit/Segmented';
import { Waiting } from '../kit/Waiting';
import { useUnit } from '../tape/unit';
import { useTicketAtHand, useTicketDraft } from '../tickets/TicketDesk';
import { TicketShell } from '../tickets/TicketShell';
import { BenchDrawing } from './BenchDrawing';

const PAPERS = [
  { id: 'a4', title: 'A4' },
  { id: 'letter', title: 'Letter' },
] as const;

/** The draft as distances from two base lines, to be drawn by hand with tape and chalk. */
export function BenchSheet() {
  const open = useTicketAtHand();
  const drawn = useTicketDraft();
  const { id } = open;
  const sheet = useBenchSheet(open.asked);
  const unit = useUnit();
  const [panel, setPanel] = useState('front');
  const [paper, setPaper] = useState<'a4' | 'letter'>('a4');
  const [chalk, setChalk] = useState(false);
  const [held, setHeld] = useState<number | null>(null);
  const shown = sheet.data?.find((p) => p.panel === panel) ?? sheet.data?.[0];
  const href = fileOf(id, 'bench-sheet.pdf', unit, { paper, allowances: String(chalk) });
  return (
    <TicketShell at="draft" actions={<ButtonLink to={`/tickets/${id}/draft`}>Back to the draft</ButtonLink>}>
      {!shown ? (
        <Waiting error={open.error ?? drawn.fault ?? sheet.error} />
      ) : (
        <div
          className={`grid flex-1 max-lg:auto-rows-max lg:min-h-0 gap-5 px-5 py-3
          lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]`}
        >
          <div className="flex min-h-0 flex-col gap-3">
            <PieceChoice
              panels={sheet.data ?? []}
              value={shown.panel}
              onChange={(p) => {
                setPanel(p);
                setHeld(null);
              }}
            />
            <BenchDrawing panel={shown} held={held} />
            <div className="flex items-center gap-3">
              <div className="w-36">
                <Segmented label="Paper" value={paper} options={[...PAPERS]} onChange={setPaper} />
              </div>
              <PrintLink look="main" href={href} className="flex-1">
                Print bench sheet
              </PrintLink>
            </div>
          </div>
          <div className="flex min-h-0 flex-col">
            <BaseLines panel={shown} chalk={chalk} />
            <label className="flex min-h-11 w-fit cursor-pointer items-center gap-2.5">
              <input
                type="checkbox"
                checked={chalk}
                onChange={(e) => setChalk(e.target.checked)}
                className="size-5 accent-brass"
              />
              With the cut line, for chalk straight on cloth
            </label>
            <Places panel={shown} held={held} onHold={setHeld} chalk={chalk} />
          </div>
        </div>
      )}
    </TicketShell>
  );
}

/** A panel by its side, front-left: Front, left; a piece made besides by its own name. */
function pieceName({ panel, levels, name }: BenchPanel): string {
  if (levels.length === 0) return name;
  const words = panel.replace('-', ', ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

function BaseLines({ panel, chalk }: { panel: BenchPanel; chalk: boolean }) {
  const unit = useUnit();
  const levels = useMemo(() => panel.levels.filter((l) => l.y > 0), [panel]);
  const added = chalk
    ? 'Both as sewn and as cut; fold the hem up first, then cut the side through both layers.'
    : 'As sewn, without allowances.';
  return (
    <section className="pb-2">
      <h2 className="font-semibold text-title">First the base lines</h2>
      {levels.length > 0 ? (
        <p>
          Draw the centre line, upright, and the waist line, level, square to it:{' '}
          {levels.map((l) => `the ${l.name} line lies ${unit.write(l.y)} down`).join(', ')}. Then lay off the points,
          down from the waist line and out from the centre line. {added}
        </p>
      ) : (
        <p>
          Draw one line upright and one level, square to it. Then lay off the points, down from the level line and out
          from the upright one. {added}
        </p>
      )}
      {panel.begins && <p className="mt-1 font-medium">{panel.begins}</p>}
    </section>
  );
}

function Places(props: {
  panel: BenchPanel;
  held: number | null;
  onHold: (number: number | null) => void;
  chalk: boolean;
}) {
  const unit = useUnit();
  const far = (mm: number, beyond: string) => {
    const distance = unit.write(Math.abs(mm));
    return mm < 0 && !/^0([.,]0)?$/.test(distance) ? `${beyond} ${distance}` : distance;
  };
  return (
    <Scroll label="Points in order">
      <table className="w-full">
        <thead className="sticky top-0 bg-calico">
          <tr className="border-line border-b text-left text-soft">
            <th className="w-9 py-1 font-medium">no.</th>
            <th className="font-medium">point</th>
            <th className="w-20 text-right font-medium">down</th>
            <th className="w-24 pr-5 text-right font-medium">out</th>
            {props.chalk && (
              <>
                <th className="w-20 text-right font-medium">cut, down</th>
                <th className="w-24 pr-5 text-right font-medium">cut, out</th>
              </>
            )}
            <th className="font-medium">drawn</th>
          </tr>
        </thead>
        <tbody onPointerLeave={() => props.onHold(null)}>
          {props.panel.places.map((p) => (
            <tr
              key={p.number}
              onPointerEnter={() => props.onHold(p.number)}
              className={`border-line border-b ${props.held === p.number ? 'bg-card' : ''}`}
            >
              <td className="py-1 font-semibold text-brass-deep">{p.number}</td>
              <td>{p.what}</td>
              <td className="whitespace-nowrap text-right font-semibold">{far(p.down, 'up')}</td>
              <td className="whitespace-nowrap pr-5 text-right font-semibold">{far(p.out, 'beyond')}</td>
              {props.chalk && (
                <>
                  <td className="whitespace-nowrap text-right text-brass-deep">
                    {p.cut && far(p.cut[1] as number, 'up')}
                  </td>
                  <td className="whitespace-nowrap pr-5 text-right text-brass-deep">
                    {p.cut && far(p.cut[0] as number, 'beyond')}
                  </td>
                </>
              )}
              <td className="text-small text-soft">{p.how}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Scroll>
  );
}

/** Which piece is shown: side by side where their names have room, from a list where one has not. */
function PieceChoice(props: { panels: BenchPanel[]; value: string; onChange: (panel: string) => void }) {
  const options = props.panels.map((p) => ({ id: p.panel, title: pieceName(p) }));
  return options.some((o) => o.title.length > 20) ? (
    <Pick label="Piece" value={props.value} options={options} onChange={props.onChange} className="min-h-11" />
  ) : (
    <Segmented label="Piece" value={props.value} options={options} onChange={props.onChange} />
  );
}
