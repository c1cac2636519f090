import { roundKind } from '../../../work/index.ts';
import { usualMinutes, type DayBatch } from '../../../day/index.ts';
import type { Batch } from '../../../meal/index.ts';
import { isSmoke, openPhase } from '../../../clock/index.ts';
import { midpoint } from '../../../quantity/index.ts';
import type { NominalBatch } from '../../../model/index.ts';
import { phasesOf } from './heats.ts';

const timed = (minutes: number) => ({ text: `${minutes} min`, lo: minutes, hi: minutes });

/** What is done at intervals where nobody has said: stirred on the stove, turned where it pokes out uncovered. */
export function usualRounds(batch: Batch): NonNullable<Batch['rounds']> {
  if (openPhase(batch.cook)?.heat === 'stove')
    return [{ what: 'stir', every: timed(roundKind('stir').every) }];
  return batch.level !== 'cover' && batch.cook.some((phase) => phase.lid === 'off' && !isSmoke(phase))
    ? [{ what: 'turn', every: timed(roundKind('turn').every) }]
    : [];
}

/**
 * What is done at intervals: as the cook wrote it; else stirred on the stove, turned while it is uncovered and pokes
 * out. A fire is fed all the while.
 */
export function roundsOf(plan: NominalBatch['plan'], potFrom: number, braiseMin: number): DayBatch['rounds'] {
  const { batch } = plan;
  const written = batch.rounds;
  const whole = (every: number) => ({ every, from: 0, to: braiseMin });
  const spans = phasesOf(plan, potFrom, braiseMin);
  const fires = spans
    .filter(({ phase, from }) => phase.heat === 'smoker' && from >= 0)
    .map(({ from, to }) => ({
      what: 'tend the fire' as const,
      every: usualMinutes.fireEvery,
      from,
      to,
    }));
  if (written)
    return [
      ...fires,
      ...written.map(({ what, every }) => ({ what, ...whole(midpoint(every) ?? roundKind(what).every) })),
    ];
  const stirred = openPhase(batch.cook)?.heat === 'stove';
  return [
    ...fires,
    ...(stirred ? [{ what: 'stir' as const, ...whole(roundKind('stir').every) }] : []),
    ...(batch.level === 'cover'
      ? []
      : spans
          .filter(
            ({ phase, from, to }) => phase.lid === 'off' && phase.heat !== 'stove' && from >= 0 && to > from,
          )
          .map(({ from, to }) => ({
            what: 'turn' as const,
            every: roundKind('turn').every,
            from,
            to,
          }))),
  ];
}

/** What the cook has written is done in the open smoke too, but for what wants a liquid around it. */
export const smokeRoundsOf = ({ rounds = [] }: Batch): DayBatch['smokeRounds'] =>
  rounds
    .filter(({ what }) => roundKind(what).inSmoke)
    .map(({ what, every }) => ({ what, every: midpoint(every) ?? roundKind(what).every }));
