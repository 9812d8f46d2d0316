/** Whoever sits down next finds no figures of anybody that were typed here and not kept. */
export function forgetTyped(storage: Storage = localStorage) {
  for (const key of Object.keys(storage)) {
    if (/^plumb\.(sheet\.|unsaved\.|queue$|opened$)/.test(key)) storage.removeItem(key);
  }
}
