import { useState } from 'react';

/** One thing in which two versions differ. */
export type Differs = { id: string; title: string; mine: string; theirs: string };

/** Which of mine hold, by what they are of; at first those that are given. */
export function useSettling(first: string[]) {
  const [mine, setMine] = useState<Set<string>>(() => new Set(first));
  return {
    mine,
    put: (id: string, own: boolean) => setMine((m) => new Set(own ? [...m, id] : [...m].filter((i) => i !== id))),
  };
}

/** Two versions beside each other, wherever they differ; for each one chooses which shall hold. */
export function BothVersions(props: {
  what: string;
  rows: Differs[];
  mine: Set<string>;
  onPut: (id: string, own: boolean) => void;
}) {
  return (
    <table className="w-full text-left">
      <thead>
        <tr className="border-line border-b">
          <th className="py-1 font-semibold">{props.what}</th>
          <th className="font-semibold">Yours</th>
          <th className="font-semibold">Theirs</th>
        </tr>
      </thead>
      <tbody>
        {props.rows.map((row) => (
          <tr key={row.id} className="border-line border-b">
            <th scope="row" className="py-1 font-normal">
              {row.title}
            </th>
            {([true, false] as const).map((own) => (
              <td key={String(own)}>
                <label className="flex min-h-11 cursor-pointer items-center gap-2">
                  <input
                    type="radio"
                    name={row.id}
                    checked={props.mine.has(row.id) === own}
                    onChange={() => props.onPut(row.id, own)}
                    className="size-4 accent-brass"
                  />
                  {own ? row.mine : row.theirs}
                </label>
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
