import '@fontsource-variable/archivo';
import '@fontsource-variable/spline-sans-mono';
import './shared/theme/tokens.css';
import './shell/shell.css';
import { notifyManager, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './shell/App';
import { Kit } from './shared/kit/Kit';
import { Problem } from './shared/api/client';

// What is on its way shows before the next frame: a switch that waits for a timer turns back under the hand.
notifyManager.setScheduler(queueMicrotask);

const client = new QueryClient({
  defaultOptions: {
    queries: { retry: (count, error) => !(error instanceof Problem) && count < 2, staleTime: 2_000 },
  },
});

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <Kit>
          <BrowserRouter>
            <App />
          </BrowserRouter>
        </Kit>
      </QueryClientProvider>
    </StrictMode>,
  );
}
