import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

/** A card laid over the table: for what must be answered before going on. */
export function Overlay(props: {
  open: boolean;
  onClose: () => void;
  title: string;
  about?: string;
  children: ReactNode;
}) {
  return (
    <Dialog.Root open={props.open} onOpenChange={(open) => !open && props.onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/35" />
        <Dialog.Content
          {...(props.about ? {} : { 'aria-describedby': undefined })}
          className={`fixed top-[7vh] left-1/2 z-50 flex max-h-[86vh] w-[min(34rem,calc(100vw-2rem))] -translate-x-1/2
            flex-col gap-4 overflow-auto rounded-card border border-line bg-card p-6 shadow-card`}
        >
          <div>
            <Dialog.Title className="font-head font-semibold text-title">{props.title}</Dialog.Title>
            {props.about && <Dialog.Description className="mt-1 text-soft">{props.about}</Dialog.Description>}
          </div>
          {props.children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
