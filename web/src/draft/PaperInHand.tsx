import { memo, startTransition, useCallback, useEffect } from 'react';
import type { Cut, Draft, Line } from '../api/client';
import { DraftPaper, type Zoom } from '../paper/DraftPaper';
import type { TicketAtHand, TicketChanges } from '../tickets/TicketDesk';
import { afterTheFrame } from './onceDrawn';
import { useTried } from './useTried';

type Props = {
  asked: TicketAtHand['asked'];
  draft: Line;
  cut: Cut;
  /** The step that is shown last, by its id; null shows the whole draft. */
  step: string | null;
  lit: string | null;
  onLit: (step: string | null) => void;
  onPick: (step: string) => void;
  ghost: Line | null;
  ghostName: string;
  zoom: Zoom;
  set: TicketChanges['set'];
  /** The draft with an amount in hand, told when there is something to be said of it. */
  onTried: (draft: Draft | null) => void;
};

/** What is asked changes with every stroke, what is drawn only with its answer. */
const Paper = memo(DraftPaper);

/**
 * The paper of the station. An amount in hand is drawn here at once; what stands beside it follows when the line is
 * out.
 */
export const PaperInHand = memo(function PaperInHand(props: Props) {
  const { cut, set, onTried } = props;
  const tried = useTried(props.asked, props.draft);
  const draft = tried.draft ?? props.draft;
  const at = props.step === null ? -1 : draft.steps.findIndex((s) => s.id === props.step);
  useEffect(() => afterTheFrame(() => startTransition(() => onTried(tried.said))), [tried.said, onTried]);
  const { drop: letGo } = tried;
  const drop = useCallback(
    (key: string, value: number) => {
      letGo();
      set(key, value);
    },
    [letGo, set],
  );
  const range = useCallback(
    (key: string) => {
      const setting = cut.settings.find((s) => s.key === key);
      return setting ? { least: setting.least, most: setting.most } : null;
    },
    [cut],
  );
  return (
    <Paper
      draft={draft}
      upTo={at < 0 ? null : at}
      lit={props.lit}
      onLit={props.onLit}
      onPick={props.onPick}
      ghost={props.ghost}
      ghostName={props.ghostName}
      zoom={props.zoom}
      range={range}
      inHand={tried.draft !== null}
      onMove={tried.move}
      onDrop={drop}
    />
  );
});
