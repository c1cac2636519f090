import type { ReactElement } from 'react';
import { materials, type Material } from '@/core/ledger/index.ts';

/** What tells a material from another without its colour. */
const marks: Readonly<Record<Material, ReactElement | null>> = {
  meat: null,
  served: null,
  bone: <path d="M-2 10 10-2M4 16 16 4" className="mark" strokeWidth="2" />,
  fat: (
    <>
      <circle cx="3" cy="3" r="1.2" className="dot" />
      <circle cx="9" cy="9" r="1.2" className="dot" />
    </>
  ),
  broth: <path d="M-1 4q3.5-3 7 0t7 0M-1 10q3.5-3 7 0t7 0" className="mark" strokeWidth="1" />,
  steam: <path d="M1 3h4M7 9h4" className="mark" strokeWidth="1.6" />,
  solids: <path d="M3 1v4M9 7v4" className="mark" strokeWidth="1.5" />,
  pickings: <path d="M0 0 12 12M12 0 0 12" className="mark" strokeWidth="0.9" />,
};

/** The patterns of all drawings, once in the page. */
export function MaterialPatterns() {
  return (
    <svg className="patterns" aria-hidden="true" width="0" height="0">
      <defs>
        {materials.flatMap((material) =>
          ['', '-planned'].map((state) => (
            <pattern
              key={material + state}
              id={material + state}
              className={`of-${material}${state}`}
              width="12"
              height="12"
              patternUnits="userSpaceOnUse"
            >
              <rect width="12" height="12" className="under" />
              <rect width="12" height="12" className="ground" />
              {marks[material]}
            </pattern>
          )),
        )}
      </defs>
    </svg>
  );
}
