import type { Feel } from '@/core/meal/index.ts';

/** How deep the tines go into a piece, px. */
const deep: Readonly<Record<Feel, number>> = {
  resists: 0,
  'gives but holds': 9,
  'turns freely': 16,
  'falls apart': 16,
  'the bone slides out': 0,
};

/** What a fork does to a piece: the picture of an answer. */
export function ForkInMeat({ feel }: { readonly feel: Feel }) {
  const meat = { fill: 'url(#meat)', stroke: 'var(--meat-edge)', strokeWidth: 1.5 };
  if (feel === 'the bone slides out')
    return (
      <svg viewBox="0 0 60 46" aria-hidden="true">
        <path {...meat} d="M6 26q0-6 7-6h17q6 0 6 6v10q0 6-6 6H13q-7 0-7-6z" />
        <path className="ink-line" strokeWidth="1.6" d="M33 12h14m-5-5 6 5-6 5" />
        <ellipse
          cx="49"
          cy="31"
          rx="8"
          ry="10"
          fill="url(#bone)"
          stroke="var(--bone-edge)"
          strokeWidth="1.5"
        />
        <ellipse cx="49" cy="31" rx="3" ry="4.5" fill="var(--sheet)" stroke="var(--bone-edge)" />
      </svg>
    );
  const at = deep[feel];
  return (
    <svg viewBox="0 0 60 46" aria-hidden="true">
      {feel === 'falls apart' ? (
        <>
          <path {...meat} d="M4 30q0-6 6-6h5q5 0 4 6l2 8q0 4-5 4H9q-5 0-5-5z" />
          <path {...meat} d="M23 27q1-5 6-5h3q5 0 5 6l-1 10q-1 4-6 4h-3q-5 0-5-5z" />
          <path {...meat} d="M41 30q0-6 5-6h5q5 0 5 6v7q0 5-5 5h-6q-5 0-5-4z" />
        </>
      ) : (
        <path {...meat} d="M10 28q0-7 8-7h24q8 0 8 7v8q0 6-8 6H18q-8 0-8-6z" />
      )}
      <g transform={`translate(0 ${String(at - 14)})`}>
        <path
          className="ink-line"
          strokeWidth="1.8"
          d="M30 2v18M24 20h12M24 20v13M28 20v13M32 20v13M36 20v13"
        />
      </g>
      {feel === 'turns freely' && (
        <path className="ink-line" strokeWidth="1.5" d="M40 10q8-2 6 5m-4-2 4 3 3-4" />
      )}
    </svg>
  );
}
