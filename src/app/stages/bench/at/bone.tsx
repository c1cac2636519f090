import { bonesOf } from '@/core/pot/index.ts';
import { boneEachG } from '@/core/answers/index.ts';
import { useFigures } from '../../../open/MealContext.ts';
import { useSaid } from '../../../open/useSaid.ts';
import { Bones } from '../task/Bones.tsx';
import { Leavings } from '../task/Leavings.tsx';
import { ScaleCounts } from '../task/ScaleCounts.tsx';
import { StillInThePot } from './parts.tsx';
import type { StepScreens } from './screens.ts';

/** Bones are counted as they come out, by hand or by the scale. */
function Before() {
  const { batchReckoning } = useFigures();
  const { mass } = useSaid();
  const { all: bones, next } = bonesOf(batchReckoning.comeOut);
  return (
    <>
      {bones.map((thing) => (
        <Bones
          key={thing.thing}
          thing={thing}
          eachG={boneEachG(thing, batchReckoning.lots)}
          mass={mass}
          labelled={bones.length > 1}
        />
      ))}
      {next && <ScaleCounts thing={next} eachG={boneEachG(next, batchReckoning.lots)} />}
    </>
  );
}

export const bone: StepScreens<'bone'> = {
  How: undefined,
  under: (_, { counted }) =>
    counted.map(({ name, count = 0, back }) => `, ${name}: ${back} of ${count} out`).join(''),
  Before,
  After: () => (
    <>
      <StillInThePot />
      <Leavings of="bone" />
    </>
  ),
};
