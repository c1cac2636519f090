import { useId } from 'react';
import type { DishKind } from '@/core/meal/index.ts';
import { edgeOf, fillOf } from './materials.ts';
import css from './figures.module.scss';

interface Props {
  readonly kind: DishKind;
  /** Of its largest portion, 0 to 1: how far the meat fills it, what of the liquid the meat holds, and what is ladled. */
  readonly meat: number;
  readonly held?: number;
  readonly ladled?: number;
  /** The smallest portion, of the largest. */
  readonly smallest: number;
  /** Where its largest stands; absent: at the brim. */
  readonly largest?: number;
  readonly words: string;
}

/** What stands about the filling of each kind: as deep as its largest portion. */
const shells: Readonly<
  Record<
    'shell' | 'roll' | 'tray' | 'bowl' | 'cup' | 'pie',
    { readonly high: number; readonly floor: number; readonly d: string; readonly inside: string }
  >
> = {
  shell: { high: 78, floor: 126, d: 'M14 34q14 94 66 94t66-94', inside: 'M14 20v14q14 92 66 92t66-92v-14z' },
  roll: {
    high: 58,
    floor: 114,
    d: 'M24 56q0-38 56-38t56 38zM24 116h112q0 12-14 12H38q-14 0-14-12z',
    inside: 'M28 40h104v76H28z',
  },
  tray: { high: 58, floor: 126, d: 'M4 66h12l10 62h108l10-62h12', inside: 'M10 40l16 86h108l16-86z' },
  bowl: { high: 74, floor: 126, d: 'M10 46q6 82 70 82t70-82', inside: 'M8 20l2 26q6 80 70 80t70-80l2-26z' },
  cup: { high: 64, floor: 126, d: 'M38 58l10 70h64l10-70', inside: 'M34 30l14 96h64l14-96z' },
  pie: { high: 60, floor: 126, d: 'M16 128q0-64 64-64t64 64z', inside: 'M18 126q0-60 62-60t62 60z' },
};

const shellOf: Readonly<Record<DishKind, keyof typeof shells>> = {
  taco: 'shell',
  roll: 'roll',
  'long roll': 'roll',
  pasta: 'tray',
  'hand pie': 'pie',
  burrito: 'roll',
  soup: 'bowl',
  dip: 'cup',
  'on the bone': 'tray',
  'folded taco': 'shell',
  'cheese shell': 'shell',
  'pressed sandwich': 'roll',
  mash: 'tray',
  gratin: 'bowl',
  own: 'bowl',
};

/** Meat lies in it, so that it is drawn so much of as high as it would stand alone, and leaves the meat in sight. */
const BETWEEN = 0.45;
/** However little liquid there is, it is seen, px. */
const SEEN = 5;

/** A dish in section, filled as far as its portion goes; its smallest and largest are dashed. */
export function DishSection({ kind, meat, held = 0, ladled = 0, smallest, largest = 1, words }: Props) {
  const shell = shellOf[kind];
  const { high, floor, d, inside } = shells[shell];
  // What is ladled for bread stands beside it, in a cup.
  const isBread = shell === 'roll';
  const liquid = isBread ? held : held + ladled;
  const clip = useId();
  const px = (share: number) => Math.max(0, Math.min(1.15, share)) * high;
  const stands = Math.max(SEEN, px(liquid) * (meat > 0 ? BETWEEN : 1));
  return (
    <svg className={css.dish} viewBox="0 0 160 140" role="img" aria-label={words}>
      <clipPath id={clip}>
        <path d={inside} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        {meat > 0 && (
          <path
            d={`M0 ${floor + 4}V${floor - px(meat) + 5}q20 -9 40 -3t40 -1t40 -1t40 -2V${floor + 4}z`}
            fill={fillOf('meat', true)}
            stroke={edgeOf('meat')}
          />
        )}
        {liquid > 0 && (
          <rect
            x={0}
            y={floor - stands}
            width={160}
            height={stands + 4}
            fill={fillOf('broth', true)}
            stroke={edgeOf('broth')}
          />
        )}
      </g>
      {smallest > 0 &&
        [smallest, largest].map((share, i) => (
          <path key={i} className="limit" d={`M12 ${floor - px(share)}h136`} strokeDasharray="4 3" />
        ))}
      <path className="ink-line" d={d} strokeWidth="4" strokeLinejoin="round" />
      {isBread && ladled > 0 && (
        <>
          <path d="M141 112l1.6 16h12.8l1.6-16z" fill={fillOf('broth', true)} />
          <path
            className="ink-line"
            d="M139 106l2.4 23h15.2l2.4-23"
            strokeWidth="2.4"
            strokeLinejoin="round"
          />
        </>
      )}
      <path className="ink-line" d="M0 134h160" strokeWidth="3" />
    </svg>
  );
}
