import { lazy, Suspense, useState, type ComponentType } from 'react';
import { Link } from 'react-router';

type Panel = 'buy' | 'cost' | 'swap' | 'what if';

const panels: Readonly<Record<Panel, { readonly words: string; readonly Panel: ComponentType }>> = {
  buy: { words: 'How much to buy', Panel: lazy(() => import('./BuyPanel.tsx')) },
  cost: { words: 'What it costs', Panel: lazy(() => import('./CostPanel.tsx')) },
  swap: { words: 'Swap a cut', Panel: lazy(() => import('./SwapPanel.tsx')) },
  'what if': { words: 'What if', Panel: lazy(() => import('./WhatIfPanel.tsx')) },
};
const names = Object.keys(panels) as Panel[];

/** A panel opens below what can be seen: the page goes there once. */
const intoView = (panel: HTMLElement | null) => {
  if (panel) requestAnimationFrame(() => panel.scrollIntoView({ block: 'nearest' }));
};

/** What a cook asks of the lots before going to the shop: one at a time, folded until asked. */
export function MeatPanels() {
  const [open, setOpen] = useState<Panel>();
  const shown = open && panels[open];
  return (
    <>
      <p className="asks">
        {names.map((name) => (
          <button
            key={name}
            type="button"
            className="link"
            aria-expanded={open === name}
            onClick={() => {
              setOpen(open === name ? undefined : name);
            }}
          >
            {panels[name].words}
          </button>
        ))}
        <Link to="/cuts">All cuts</Link>
        <Link to="/shopping">Shopping list</Link>
      </p>
      {shown && (
        <div ref={intoView}>
          <Suspense fallback={<p className="panel is-coming quiet">One moment.</p>}>
            <shown.Panel />
          </Suspense>
        </div>
      )}
    </>
  );
}
