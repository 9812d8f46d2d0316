import { memo } from 'react';
import type { Way } from '../api/client';
import { fileOf } from '../cut/fileOf';
import { PrintLink } from '../cut/PrintLink';
import { ButtonLink } from '../kit/Button';
import { Pick } from '../kit/Pick';
import { Segmented } from '../kit/Segmented';
import type { Zoom } from '../paper/DraftPaper';
import { useUnit } from '../tape/unit';

export const ZOOMS: { id: Zoom; title: string }[] = [
  { id: 'whole', title: 'Whole' },
  { id: 'waist', title: 'Waist' },
  { id: 'fork', title: 'Fork' },
  { id: 'hem', title: 'Hem' },
];

type Props = {
  ticket: string;
  zoom: Zoom;
  /** Whether there is a fork to be seen. */
  forked: boolean;
  /** The other ways that could lie over this draft, and the one that does. */
  others: Way[];
  ghost: string | null;
  /** Puts a word into the address, or takes it away. */
  put: (name: string, value: string | null) => void;
};

/** Under the paper: which part of it is seen, what lies over it, and where it goes from here. */
export const PaperFoot = memo(function PaperFoot({ ticket, zoom, forked, others, ghost, put }: Props) {
  const unit = useUnit();
  return (
    <div className="flex flex-wrap items-center justify-between gap-2">
      <div className="w-56">
        <Segmented
          label="Part of the paper"
          value={zoom}
          options={ZOOMS.filter((z) => z.id !== 'fork' || forked)}
          onChange={(z) => put('zoom', z === 'whole' ? null : z)}
        />
      </div>
      <div className="flex items-center gap-2 text-soft">
        <div className="w-36">
          <Pick
            label="Ghost another way over this draft"
            value={ghost ?? 'none'}
            options={[{ id: 'none', title: 'No ghost' }, ...others.map((w) => ({ id: w.id, title: w.title }))]}
            onChange={(w) => put('ghost', w === 'none' ? null : w)}
            className="min-h-11"
          />
        </div>
        <PrintLink href={fileOf(ticket, 'practice.pdf', unit)}>Practice</PrintLink>
        <ButtonLink to={`/tickets/${ticket}/compare${ghost ? `?over=way:${ghost}` : ''}`}>Compare</ButtonLink>
      </div>
    </div>
  );
});
