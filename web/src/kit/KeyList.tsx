import { Overlay } from './Sheet';

const KEYS: [string, string][] = [
  ['1 – 6', 'go to a station of this ticket'],
  ['[  ]', 'a step back and on in the working'],
  ['g', 'ghost another way over the draft'],
  ['c', 'compare: two drafts over each other'],
  ['↑  ↓', 'from one plumb line to the next'],
  ['n', 'a new ticket'],
  ['p', 'print what is open'],
  ['z', 'take the latest change back'],
  ['u', 'inches or centimetres'],
  ['/', 'find a person or a ticket'],
  ['Enter', 'keep what is typed, and on to the next'],
  ['Ctrl Enter', 'keep the sheet, and to the draft'],
  ['Esc', 'leave a field as it was, or close this'],
  ['?', 'this list'],
];

export function KeyList(props: { open: boolean; onClose: () => void }) {
  return (
    <Overlay {...props} title="All keys">
      <dl className="grid grid-cols-[6rem_1fr] gap-y-2">
        {KEYS.map(([key, does]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="rounded-field border border-line bg-calico px-2 py-1 font-sans font-semibold">{key}</kbd>
            </dt>
            <dd className="self-center">{does}</dd>
          </div>
        ))}
      </dl>
    </Overlay>
  );
}
