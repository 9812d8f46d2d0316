/** Places of a ticket and what is at them, as they are said at the table. */
import { useCuts, useWays } from '../api/queries';
import { useUnit } from '../tape/unit';
import { type Place, type Value, WITH } from './changes';

const TITLES: Record<string, string> = {
  name: 'Name',
  cut: 'Cut',
  way: 'Way',
  promised: 'Promised for',
  'cloth.stretch': 'Stretch of the cloth',
  'cloth.width': 'Width of the cloth',
  'cloth.folded': 'Cloth laid',
  'cloth.oneWay': 'Nap or print',
  'cloth.drape': 'How it falls',
  'cloth.repeat': 'Repeat of its print',
  'cloth.shrinkage': 'Shrinks in the wash',
  'cloth.stretchAlong': 'Stretch along the selvedge',
  'cloth.sheer': 'What lies beneath',
};

const FALLS: Record<string, string> = { soft: 'soft', medium: 'medium', firm: 'firm' };

export function useInWords(cut: string) {
  const cuts = useCuts();
  const ways = useWays();
  const unit = useUnit();
  const settings = cuts.data?.find((c) => c.id === cut)?.settings ?? [];
  const settingAt = (place: Place) => settings.find((s) => `settings.${s.key}` === place);
  const operations = cuts.data?.find((c) => c.id === cut)?.operations ?? [];
  const after = (place: Place) => place.slice(place.indexOf('.') + 1);
  const operationAt = (place: Place) => operations.find((o) => `made.${o.id}` === place)?.title;
  const share = (value: Value) => `${unit.number(Math.round(Number(value) * 1000) / 10)} %`;
  return {
    title: (place: Place) => TITLES[place] ?? settingAt(place)?.title ?? operationAt(place) ?? after(place),
    value: (place: Place, value: Value): string => {
      switch (place) {
        case 'cut':
          return cuts.data?.find((c) => c.id === value)?.title ?? String(value);
        case 'way':
          return ways.data?.find((w) => w.id === value)?.title ?? String(value);
        case 'promised':
          return typeof value === 'string' ? unit.longDay(value) : 'no day';
        case 'cloth.stretch':
        case 'cloth.shrinkage':
        case 'cloth.stretchAlong':
          return share(value);
        case 'cloth.repeat':
        case 'cloth.width':
          return unit.writeUnit(Number(value));
        case 'cloth.folded':
          return value ? 'folded' : 'open';
        case 'cloth.sheer':
          return value ? 'shows through' : 'is hidden';
        case 'cloth.oneWay':
          return value ? 'one way' : 'either way';
        case 'cloth.drape':
          return FALLS[String(value)] ?? String(value);
        case 'name':
          return String(value);
      }
      if (place.startsWith('made.'))
        return value === null ? 'as the recipe has it' : value === WITH ? 'made with it' : 'without it';
      if (value === null) return 'by the way';
      const setting = settingAt(place);
      if (setting?.kind === 'choice') return setting.choices.find((c) => c.id === value)?.title ?? String(value);
      if (typeof value === 'object') {
        return `${unit.writeUnit(Math.abs(value.add))} ${value.add < 0 ? 'above' : 'below'} the ${value.from}`;
      }
      return setting?.kind === 'ratio' ? share(value) : unit.writeUnit(Number(value));
    },
  };
}
