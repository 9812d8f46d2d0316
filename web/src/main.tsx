import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './App';
import { queryClient } from './api/queryClient';
import { KeyScopes } from './kit/keys';
import { UndoProvider } from './kit/Undo';
import { UnitProvider } from './tape/unit';
import { DeskProvider } from './tickets/TicketDesk';
import './theme.css';

const queries = queryClient();
const root = document.getElementById('root');
if (!root) throw new Error('No place for the page');

createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <UnitProvider>
        <UndoProvider>
          <DeskProvider>
            <KeyScopes>
              <BrowserRouter>
                <App />
              </BrowserRouter>
            </KeyScopes>
          </DeskProvider>
        </UndoProvider>
      </UnitProvider>
    </QueryClientProvider>
  </StrictMode>,
);
