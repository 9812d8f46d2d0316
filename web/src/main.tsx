import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './App';
import { Problem } from './api/client';
import { UndoProvider } from './kit/Undo';
import { UnitProvider } from './tape/unit';
import './theme.css';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: (count, error) => error instanceof Problem && error.lost && count < 3,
      refetchOnWindowFocus: true,
    },
  },
});

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <UnitProvider>
        <UndoProvider>
          <BrowserRouter>
            <App />
          </BrowserRouter>
        </UndoProvider>
      </UnitProvider>
    </QueryClientProvider>
  </StrictMode>,
);
