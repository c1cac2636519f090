import './theme/fonts.css';
import './theme/theme.scss';
import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './App.tsx';
import { readClock } from './browser/clock.ts';
import { readDevice } from './browser/device.ts';
import { db, isDemo } from './browser/db.ts';
import { readFirstMeal } from './lists/data/firstMeal.ts';
import { queries } from './open/queries.ts';
import { keepFolder } from './lists/data/backupFolder.ts';
import { keepOffline } from './open/offline.ts';
import { afterFirstPaint } from './browser/afterFirstPaint.ts';
import { ensureTaught, mendLog } from './open/taught.ts';
import { openStorage } from './browser/storage.ts';

const root = document.getElementById('root');
if (!root) throw new Error('The page has no root.');

const LATER_MS = 2_000;

const draw = () =>
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <App />
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  );
// A meal that cannot be read is told of by the page itself, which reads it again.
openStorage()
  .then(async (isOpen) => {
    if (!isOpen) return;
    await Promise.all([isDemo && readClock(db), readDevice(db)]);
    // Only a meal is reckoned by what was learned.
    if (location.pathname.startsWith('/meals/')) await ensureTaught();
    await readFirstMeal(location.pathname);
  })
  .then(draw, draw);
// What a meal teaches is made once it is over and nobody waits for a picture.
void afterFirstPaint.then(() => setTimeout(() => void mendLog().catch(reportError), LATER_MS));
keepFolder();
keepOffline();
