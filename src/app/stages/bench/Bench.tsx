import { Link } from 'react-router';
import { writeMass } from '@/core/quantity/index.ts';
import { isWorthChopping } from '@/core/reckoning/index.ts';
import { hasBones } from '@/core/reckoning/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { Cautions } from '../../parts/Cautions.tsx';
import { Figure } from '../../parts/Figure.tsx';
import { NothingYet } from '../../parts/NothingYet.tsx';
import { Problems } from '../../parts/Problems.tsx';
import { Unaccounted } from '../../parts/Unaccounted.tsx';
import { Weigh } from '../../parts/Weigh.tsx';
import { Steps } from './steps/Steps.tsx';
import { ComeBack } from '../../parts/ComeBack.tsx';
import { ChopIt } from './ChopIt.tsx';
import { Guess } from './Guess.tsx';
import { BenchBowl } from '../../figures/BenchBowl.tsx';

/** Pull, pick, shred: what comes out is weighed, and each weighing narrows what comes after it. */
export default function Bench() {
  const { loaded, units, standing, batch } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { meat } = batchReckoning;
  if (meat.rawG.mid === 0) return <NothingYet title="Pull, pick and shred" />;
  const weighed = (flow: string) =>
    standing.some(
      ({ measures, value }) => measures.what === 'sum' && measures.flow === flow && value?.lo !== undefined,
    );
  const done = weighed('shred');
  const { value, unit } = writeMass(meat.unpulledG, units);
  const unpulled = `${value} ${unit}`;
  const boneIn = hasBones(batchReckoning);
  const next =
    boneIn && !weighed('bone')
      ? 'Weigh the bones'
      : !weighed('pickings')
        ? 'Weigh what you pick out'
        : 'Weigh the shred';
  return (
    <>
      <div className="line">
        <h1>{done ? 'The shred is weighed' : next}</h1>
        <Link className="btn act is-first" to={`/meals/${loaded.meal.id}/bench`}>
          One thing at a time
        </Link>
      </div>
      <div className="two">
        <BenchBowl
          shredG={meat.shredG.mid}
          boneG={meat.boneOutG.mid}
          pickingsG={meat.pickingsG.mid}
          weighed={done}
        />
        <div>
          <Figure
            written={writeMass(meat.shredG, units)}
            size="huge"
            words={done ? 'weighed' : 'shred'}
            of="shred"
          />
        </div>
      </div>
      {isWorthChopping(meat) && (
        <p>
          It comes out by the clock: about {unpulled} is not tender by then and will not pull. Slice or chop
          it, put it back, or give it longer. <ChopIt unpulled={unpulled} />
        </p>
      )}
      <Problems batch={batch.id} stage="bench" />
      <ComeBack />
      <div className="weighs">
        <Weigh
          flow="cooked"
          label="Cooked meat"
          words="the weight of the cooked meat"
          planned={writeMass(meat.onBenchG, units)}
          inBowl
        />
        {boneIn && (
          <Weigh
            flow="bone"
            label="Bones"
            words="the weight of the bones"
            planned={writeMass(meat.boneOutG, units)}
            inBowl
          />
        )}
        <Weigh
          flow="pickings"
          label="Picked out"
          words="the weight of the pickings"
          planned={writeMass(meat.pickingsG, units)}
          inBowl
        />
        <Weigh
          flow="shred"
          label="Shred"
          words="the weight of the shred"
          planned={writeMass(meat.shredG, units)}
          inBowl
        />
      </div>
      <Guess isWeighed={done} shredG={meat.shredG.mid} />
      <Steps />
      <Unaccounted />
      <Cautions at={{ sheet: 'bench' }} />
    </>
  );
}
