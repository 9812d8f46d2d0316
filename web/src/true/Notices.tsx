import { Button } from '../kit/Button';
import { Card } from '../kit/Card';
import { useUndoable } from '../kit/Undo';
import { useUnit } from '../tape/unit';
import { useTicketChanges, useTicketDraft } from '../tickets/TicketDesk';

/** What to know before cutting, and which figures rest on guesses. */
export function Notices() {
  const drawn = useTicketDraft();
  const changes = useTicketChanges();
  const unit = useUnit();
  const undoable = useUndoable();
  const draft = drawn.draft;
  if (!draft) return null;
  return (
    <>
      {draft.notices.map((n) => (
        <Card key={n.id} title="To know before you cut" tone="amber">
          {unit.words(n.text)}
          {n.remedy && (
            <Button
              className="mt-2 block"
              onClick={() => n.remedy && undoable({ text: n.remedy.text, undo: changes.apply(n.remedy) })}
            >
              {n.remedy.text}
            </Button>
          )}
        </Card>
      ))}
      {draft.estimates.length > 0 && (
        <Card title="Rests on guesses">
          <ul>
            {draft.estimates.map((e) => (
              <li key={e.measure} className="flex justify-between gap-3">
                <span>{unit.words(e.rule)}</span>
                <span className="font-medium text-ink">{unit.write(e.value)}</span>
              </li>
            ))}
          </ul>
        </Card>
      )}
    </>
  );
}
