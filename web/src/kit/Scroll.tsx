import type { ReactNode } from 'react';

/** A part of the page that scrolls by itself, by keyboard too. */
export function Scroll(props: { label: string; className?: string; children: ReactNode }) {
  return (
    <section
      aria-label={props.label}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keyboard
      tabIndex={0}
      className={`min-h-0 flex-1 overflow-y-auto ${props.className ?? ''}`}
    >
      {props.children}
    </section>
  );
}
