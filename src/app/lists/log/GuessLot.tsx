import clsx from 'clsx';
import { type KeyboardEvent, type PointerEvent, useState } from 'react';
import { offOf, type Quiz, type SlabPart, slabParts, worstPart } from '@/core/log/index.ts';
import type { Material } from '@/core/ledger/index.ts';
import { capital, drawnLotWords, missedWords, slabWords } from '@/words/index.ts';
import { edgeOf, fillOf } from '../../figures/materials.ts';
import { LotPicture } from './LotPicture.tsx';
import { lotSlices } from './lotSlices.ts';
import { useDrawnSize } from '../../figures/useDrawnSize.ts';
import { useSaid } from '../../open/useSaid.ts';
import css from './log.module.scss';

interface Props {
  readonly quiz: Extract<Quiz, { what: 'a lot' }>;
  readonly onTold: (words: string, off: number) => void;
  readonly onNext: () => void;
  /** It came by key from the one before: the first knife is in hand again. */
  readonly isNext: boolean;
}

/** Until the page has been measured, px. */
const USUAL = { width: 1170, height: 200 };
/** Room for half a knife at both ends. */
const EDGE = 12;
const HIGH = 62;
const FINE = 10;
const SEEDS = 2 ** 31;
const COARSE = 100;
const materials: Readonly<Record<SlabPart, Material>> = {
  shred: 'meat',
  juice: 'broth',
  pickings: 'pickings',
  bone: 'bone',
};

/** The lot as one slab: three knives cut it into what it will give; then the paper comes off what it gave. */
export function GuessLot({ quiz, onTold, onNext, isNext }: Props) {
  const { mass } = useSaid();
  const { rawG, parts, foretold } = quiz;
  const [svg, setSvg] = useState<SVGSVGElement | null>(null);
  const wide = useDrawnSize(svg, USUAL).width - 2 * EDGE;
  // The knives lie at quarters at first: where they are put says nothing.
  const [cuts, cut] = useState<readonly [number, number, number]>([
    round(rawG * 0.5),
    round(rawG * 0.75),
    round(rawG * 0.88),
  ]);
  const [open, setOpen] = useState(false);
  const guess: Record<SlabPart, number> = {
    shred: cuts[0],
    juice: cuts[1] - cuts[0],
    pickings: cuts[2] - cuts[1],
    bone: rawG - cuts[2],
  };
  const x = (grams: number) => (wide * grams) / rawG;
  const put = (i: number, grams: number) => {
    if (open) return;
    const low = i === 0 ? 0 : (cuts[i - 1] ?? 0);
    const high = i === 2 ? rawG : (cuts[i + 1] ?? rawG);
    const next = [...cuts] as [number, number, number];
    next[i] = Math.min(high, Math.max(low, round(grams)));
    cut(next);
  };
  const uncover = () => {
    setOpen(true);
    const worst = worstPart(guess, parts);
    onTold(missedWords(worst.part, worst.offG, mass), offOf(guess.shred, parts.shred));
  };
  const press = (event: KeyboardEvent, i: number) => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (by !== undefined) {
      event.preventDefault();
      put(i, (cuts[i] ?? 0) + by * (event.shiftKey ? COARSE : FINE));
    } else if (event.key === 'Enter') {
      event.preventDefault();
      if (open) onNext();
      else uncover();
    }
  };
  const move = (event: PointerEvent<SVGGElement>, i: number) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const box = svg?.getBoundingClientRect();
    if (box) put(i, ((event.clientX - box.left - EDGE) / wide) * rawG);
  };
  return (
    <section className={css.lot}>
      <OnBoard quiz={quiz} />
      <svg
        ref={setSvg}
        viewBox={`${String(-EDGE)} -56 ${String(wide + 2 * EDGE)} ${String(open ? 240 : 150)}`}
      >
        <title>{`Your cuts: ${slabParts.map((part) => `${slabWords[part]} ${mass(guess[part])}`).join(', ')}`}</title>
        {slab(guess, x, false, mass, 0)}
        {open && (
          <g transform="translate(0 108)">
            {slab(parts, x, true, mass, 0)}
            <path className={css.foretold} d={`M${String(x(foretold.shred))} 70l9 15h-18z`} />
            <text x={Math.max(0, Math.min(wide - 150, x(foretold.shred) + 16))} y={86} className={css.quiet}>
              the tables cut here
            </text>
          </g>
        )}
        {cuts.map((grams, i) => (
          <Knife
            key={i}
            at={grams}
            x={x(grams)}
            ends={slabParts[i] ?? 'shred'}
            begins={slabParts[i + 1] ?? 'bone'}
            endsG={guess[slabParts[i] ?? 'shred']}
            rawG={rawG}
            isDone={open}
            isInHand={i === 0 && isNext}
            onPress={(event) => press(event, i)}
            onMove={(event) => move(event, i)}
          />
        ))}
      </svg>
      <p className="choices">
        <button
          type="button"
          className={open ? 'btn act' : 'btn act is-first'}
          onClick={open ? onNext : uncover}
        >
          {open ? 'Next lot' : 'Show it'}
        </button>
        <span className="quiet">
          {slabParts
            .map((part) => `${capital(slabWords[part])} ${mass(open ? parts[part] : guess[part])}`)
            .join(', ')}
        </span>
      </p>
    </section>
  );
}

const inHand = (knife: SVGGElement | null) => knife?.focus();
const round = (grams: number) => Math.round(grams / FINE) * FINE;
/** Narrower than this a part has no room for its figure, px. */
const ROOM = 84;

function slab(
  parts: Readonly<Record<SlabPart, number>>,
  x: (grams: number) => number,
  weighed: boolean,
  mass: (grams: number) => string,
  y: number,
) {
  const starts = slabParts.map((_, i) => slabParts.slice(0, i).reduce((sum, part) => sum + parts[part], 0));
  return slabParts.map((part, i) => {
    const [from, wide] = [x(starts[i] ?? 0), x(parts[part])];
    return (
      <g key={part}>
        <rect
          x={from}
          y={y}
          width={Math.max(0, wide - 3)}
          height={HIGH}
          rx={5}
          fill={fillOf(materials[part], weighed)}
          stroke={edgeOf(materials[part])}
        />
        {wide > ROOM && (
          <>
            <text x={from + 14} y={y - 8} className={css.quiet}>
              {slabWords[part]}
            </text>
            <text x={from + 14} y={y + 40} className={css.onSlab}>
              {mass(parts[part])}
            </text>
          </>
        )}
      </g>
    );
  });
}

interface KnifeProps {
  /** g of the lot to the left of it, and where that is drawn, px. */
  readonly at: number;
  readonly x: number;
  readonly ends: SlabPart;
  readonly begins: SlabPart;
  readonly endsG: number;
  readonly rawG: number;
  readonly isDone: boolean;
  readonly isInHand: boolean;
  readonly onPress: (event: KeyboardEvent) => void;
  readonly onMove: (event: PointerEvent<SVGGElement>) => void;
}

/** A knife between two parts: pulled, or moved by its keys. */
function Knife({ at, x, ends, begins, endsG, rawG, isDone, isInHand, onPress, onMove }: KnifeProps) {
  const { mass } = useSaid();
  return (
    <g
      ref={isInHand ? inHand : undefined}
      role="slider"
      tabIndex={0}
      className={clsx(css.knife, isDone && css.isDone)}
      aria-label={`Where ${slabWords[ends]} ends and ${slabWords[begins]} begins`}
      aria-valuenow={at}
      aria-valuemin={0}
      aria-valuemax={rawG}
      aria-valuetext={`${slabWords[ends]}, ${mass(endsG)}`}
      onKeyDown={onPress}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={onMove}
      transform={`translate(${String(x)} 0)`}
    >
      <rect x={-22} y={-54} width={44} height={HIGH + 62} className={css.hit} />
      <rect x={-7} y={-52} width={14} height={34} rx={5} className={css.handle} />
      <path d={`M-5 -18h10v${String(HIGH + 20)}l-4 10z`} className={css.blade} />
    </g>
  );
}

/** The lot as it was bought, from above. */
function OnBoard({ quiz: { rawG, parts, digest, fatG, lies } }: Pick<Props, 'quiz'>) {
  const { mass } = useSaid();
  const [first] = digest.cuts;
  const lot = lotSlices(
    { rawG, boneG: parts.bone, pickingsG: parts.pickings, fatG },
    lies,
    Math.floor(digest.at % SEEDS),
  );
  return (
    <div className={css.onBoard}>
      <LotPicture lot={lot} words={`The lot from above: ${drawnLotWords(lot.slices.length, lies)}`} />
      <p className={css.lotName}>
        <span>{first?.name ?? 'meat'}</span>
        <b className="num">{mass(rawG)}</b>
        <small className="quiet">
          raw. Drawn as {drawnLotWords(lot.slices.length, lies)} of {lot.thickCm} cm, with a mark for each 10
          cm: bone, fat and seams are as large as they were.
        </small>
      </p>
    </div>
  );
}
