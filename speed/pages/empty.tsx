/** An empty page with the libraries of the app's first load, and nothing of the app. */
import '../../src/app/theme/fonts.css';
import '../../src/app/theme/theme.scss';
import * as query from '@tanstack/react-query';
import * as comlink from 'comlink';
import * as shape from 'd3-shape';
import * as dexie from 'dexie';
import * as icons from 'lucide-react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, useLocation } from 'react-router';

// Named so that the bundler keeps what the app's first load uses of them.
Object.assign(globalThis, {
  kept: [
    query.QueryClient,
    query.QueryClientProvider,
    query.useQuery,
    comlink.wrap,
    shape.area,
    shape.curveBumpY,
    dexie.Dexie,
    icons.Undo2,
    icons.Redo2,
    icons.X,
    icons.TriangleAlert,
  ],
});

function Empty() {
  return <p id="ready">{useLocation().pathname}</p>;
}
const root = document.getElementById('root');
if (!root) throw new Error('The page has no root.');
createRoot(root).render(
  <BrowserRouter>
    <Empty />
  </BrowserRouter>,
);
