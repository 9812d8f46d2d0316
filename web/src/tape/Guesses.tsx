import { useMeasures } from '../api/queries';
import { listed } from '../words/listed';

/** Says on which guesses something rests, by the names of the measures; nothing where it rests on none. */
export function Guesses({ of }: { of: readonly string[] | undefined }) {
  const measures = useMeasures();
  if (!of || of.length === 0) return null;
  const names = of.map((key) => measures.data?.find((m) => m.key === key)?.title.toLowerCase() ?? key);
  return (
    <span className="text-amber">
      rests on {names.length === 1 ? 'a guess' : 'guesses'}: {listed(names)}
    </span>
  );
}
