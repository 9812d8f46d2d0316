import { BothVersions, useSettling } from '../kit/BothVersions';
import { Button } from '../kit/Button';
import { Overlay } from '../kit/Sheet';
import { differing, keptOf, type Place, valueAt } from './changes';
import type { Clash } from './desk';
import { useInWords } from './inWords';

/** Two versions of a ticket: everything in which they differ, to be settled amount by amount. */
export function ClashCard({ clash, onSettle }: { clash: Clash; onSettle: (places: Place[]) => void }) {
  const { mine, theirs } = clash;
  const words = useInWords(theirs.cut);
  const places = differing(mine, keptOf(theirs));
  const settling = useSettling(places);
  return (
    <Overlay
      open
      onClose={() => {}}
      title="Somebody else changed this ticket"
      about="Choose for each what shall hold; nothing of either is lost until you do."
    >
      <BothVersions
        what="Differs in"
        rows={places.map((place) => ({
          id: place,
          title: words.title(place),
          mine: words.value(place, valueAt(mine, place)),
          theirs: words.value(place, valueAt(keptOf(theirs), place)),
        }))}
        mine={settling.mine}
        onPut={settling.put}
      />
      <div className="flex flex-wrap justify-end gap-3">
        <Button onClick={() => onSettle([])}>Take theirs</Button>
        <Button onClick={() => onSettle(places)}>Keep mine</Button>
        <Button look="main" onClick={() => onSettle(places.filter((p) => settling.mine.has(p)))}>
          Keep what is chosen
        </Button>
      </div>
    </Overlay>
  );
}
