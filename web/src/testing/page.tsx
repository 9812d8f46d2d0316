/** A page to try a part on: the unit, the undo bar and a memory of what was read, with answers laid in by the test. */
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { KeyScopes } from '../kit/keys';
import { UndoProvider } from '../kit/Undo';
import { UnitProvider } from '../tape/unit';

/** Radix measures and captures; jsdom does neither. */
function standIn() {
  class Observer {
    observe() {}
    unobserve() {}
    disconnect() {}
  }
  globalThis.ResizeObserver ??= Observer;
  Element.prototype.hasPointerCapture ??= () => false;
  Element.prototype.scrollIntoView ??= () => {};
}

export function lay(part: ReactNode, known: [readonly unknown[], unknown][] = []) {
  standIn();
  const queries = new QueryClient({
    defaultOptions: { queries: { retry: false, staleTime: Number.POSITIVE_INFINITY } },
  });
  for (const [key, data] of known) queries.setQueryData(key, data);
  return {
    queries,
    ...render(
      <QueryClientProvider client={queries}>
        <UnitProvider>
          <UndoProvider>
            <KeyScopes>
              <MemoryRouter>{part}</MemoryRouter>
            </KeyScopes>
          </UndoProvider>
        </UnitProvider>
      </QueryClientProvider>,
    ),
  };
}
