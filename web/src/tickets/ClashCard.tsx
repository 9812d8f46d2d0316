import { useState } from 'react';
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
  const [taken, setTaken] = useState<Set<Place>>(() => new Set(places));
  const put = (place: Place, own: boolean) =>
    setTaken((t) => new Set(own ? [...t, place] : [...t].filter((p) => p !== place)));
  return (
    <Overlay
      open
      onClose={() => {}}
      title="Somebody else changed this ticket"
      about="Choose for each what shall hold; nothing of either is lost until you do."
    >
      <table className="w-full text-left">
        <thead>
          <tr className="border-line border-b">
            <th className="py-1 font-semibold">Differs in</th>
            <th className="font-semibold">Yours</th>
            <th className="font-semibold">Theirs</th>
          </tr>
        </thead>
        <tbody>
          {places.map((place) => (
            <tr key={place} className="border-line border-b">
              <th scope="row" className="py-1 font-normal">
                {words.title(place)}
              </th>
              {([true, false] as const).map((own) => (
                <td key={String(own)}>
                  <label className="flex min-h-11 cursor-pointer items-center gap-2">
                    <input
                      type="radio"
                      name={place}
                      checked={taken.has(place) === own}
                      onChange={() => put(place, own)}
                      className="size-4 accent-brass"
                    />
                    {words.value(place, valueAt(own ? mine : keptOf(theirs), place))}
                  </label>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <div className="flex flex-wrap justify-end gap-3">
        <Button onClick={() => onSettle([])}>Take theirs</Button>
        <Button onClick={() => onSettle(places)}>Keep mine</Button>
        <Button look="main" onClick={() => onSettle(places.filter((p) => taken.has(p)))}>
          Keep what is chosen
        </Button>
      </div>
    </Overlay>
  );
}
