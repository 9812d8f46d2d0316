import type { ReactNode } from 'react';

const TONES = {
  plain: 'border-line bg-card',
  amber: 'border-amber/60 bg-amber-wash',
  crimson: 'border-crimson/60 bg-crimson-wash',
};

/** A note laid beside the work. */
export function Card(props: { title: string; tone?: keyof typeof TONES; children: ReactNode }) {
  const tone = props.tone ?? 'plain';
  const head = tone === 'amber' ? 'text-amber' : tone === 'crimson' ? 'text-crimson' : '';
  return (
    <section className={`rounded-card border p-3.5 ${TONES[tone]}`}>
      <h3 className={`font-semibold ${head}`}>{props.title}</h3>
      <div className="mt-1 text-soft">{props.children}</div>
    </section>
  );
}
