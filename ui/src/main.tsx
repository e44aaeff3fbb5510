import '@fontsource-variable/archivo';
import '@fontsource-variable/spline-sans-mono';
import './shared/theme/tokens.css';
import './shell/shell.css';
import { notifyManager, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './shell/App';
import { Away } from './shell/Away';
import { Kit } from './shared/kit/Kit';
import { keepActs } from './shared/api/acts';
import { houseClient } from './shared/api/away';

// What is on its way shows before the next frame: a switch that waits for a timer turns back under the hand.
notifyManager.setScheduler(queueMicrotask);

const client = houseClient();
keepActs(client, localStorage);

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <Kit>
          <BrowserRouter>
            <App />
            <Away />
          </BrowserRouter>
        </Kit>
      </QueryClientProvider>
    </StrictMode>,
  );
}
