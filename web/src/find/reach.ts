/** A page that has no such field after so long has none, ms. */
const LONGEST = 5000;

/** Shows a field, opens what it is folded into and takes it in hand, as soon as its page is there. */
export function reach(id: string): void {
  if (isReached(id)) return;
  const page = new MutationObserver(() => {
    if (isReached(id)) page.disconnect();
  });
  page.observe(document.body, { childList: true, subtree: true });
  setTimeout(() => page.disconnect(), LONGEST);
}

function isReached(id: string): boolean {
  const field = document.getElementById(id);
  if (!field || document.querySelector('[role=dialog]')) return false;
  const closed = field.closest('details') ?? (field instanceof HTMLDetailsElement ? field : null);
  if (closed) closed.open = true;
  field.scrollIntoView({ block: 'center' });
  // A dialog that closes gives the hand back to where it was; the field is taken in hand after that.
  setTimeout(() => field.focus());
  return true;
}
