/** Places of a ticket and what is at them, as they are said at the table. */
import type { ClothField } from '../api/client';
import { useClothFields, useCuts, useWays } from '../api/queries';
import { useUnit } from '../tape/unit';
import { type Place, type Value, WITH } from './changes';

const TITLES: Record<string, string> = {
  name: 'Name',
  cut: 'Cut',
  way: 'Way',
  promised: 'Promised for',
};

export function useInWords(cut: string) {
  const cuts = useCuts();
  const ways = useWays();
  const cloth = useClothFields().data ?? [];
  const clothAt = (place: Place) => cloth.find((f) => `cloth.${f.key}` === place);
  const unit = useUnit();
  const settings = cuts.data?.find((c) => c.id === cut)?.settings ?? [];
  const settingAt = (place: Place) => settings.find((s) => `settings.${s.key}` === place);
  const operations = cuts.data?.find((c) => c.id === cut)?.operations ?? [];
  const after = (place: Place) => place.slice(place.indexOf('.') + 1);
  const operationAt = (place: Place) => operations.find((o) => `made.${o.id}` === place)?.title;
  const share = (value: Value) => `${unit.number(Math.round(Number(value) * 1000) / 10)} %`;
  const clothInWords = (field: ClothField, value: Value) => {
    if (field.kind === 'length') return unit.writeUnit(Number(value));
    if (field.kind === 'pulled' || field.kind === 'share') return share(value);
    return field.choices.find((c) => c.id === String(value))?.title.toLowerCase() ?? String(value);
  };
  return {
    title: (place: Place) =>
      TITLES[place] ?? clothAt(place)?.title ?? settingAt(place)?.title ?? operationAt(place) ?? after(place),
    value: (place: Place, value: Value): string => {
      switch (place) {
        case 'cut':
          return cuts.data?.find((c) => c.id === value)?.title ?? String(value);
        case 'way':
          return ways.data?.find((w) => w.id === value)?.title ?? String(value);
        case 'promised':
          return typeof value === 'string' ? unit.longDay(value) : 'no day';
        case 'name':
          return String(value);
      }
      const ofCloth = clothAt(place);
      if (ofCloth) return clothInWords(ofCloth, value);
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
