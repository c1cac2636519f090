import { pullingOf } from '@/core/bench/index.ts';
import { ComeBack } from '../../parts/ComeBack.tsx';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { Cautions } from '../../parts/Cautions.tsx';
import { NothingYet } from '../../parts/NothingYet.tsx';
import { PlatesWanted } from '../../parts/PlatesWanted.tsx';
import { Enough } from '../../parts/Enough.tsx';
import { ShareOut } from './ShareOut.tsx';

/** What each serving gets, of meat and of liquid, and whether there is enough for all. */
export default function Plates() {
  const { batch } = useOpenMeal();
  const { reckoning } = useFigures();
  const { servings, shredG } = reckoning.meal;
  if (shredG.mid === 0) return <NothingYet title="What each plate gets" />;
  return (
    <>
      {servings.length === 0 ? (
        <>
          <h1>What each plate gets</h1>
          <PlatesWanted />
        </>
      ) : (
        <ShareOut />
      )}
      {pullingOf(batch).onBone && <ComeBack />}
      <Enough />
      <Cautions at={{ sheet: 'plates' }} />
    </>
  );
}
