import type { Phase } from '@/core/batch/schema.ts';
import { openPhase } from '@/core/clock/index.ts';
import { writeDegrees, writeMinutes } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editBatch } from '../data/edits.ts';
import { TimeDown } from '../figures/TimeDown.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Choice } from '../parts/fields/Choice.tsx';
import { NothingYet } from '../parts/NothingYet.tsx';
import { QuantityField } from '../parts/fields/QuantityField.tsx';
import { Problems } from '../parts/Problems.tsx';
import { Wrong } from '../parts/Wrong.tsx';
import { PotReading } from './PotReading.tsx';
import { SmokeFirst } from './SmokeFirst.tsx';
import { TakenOut } from './TakenOut.tsx';

const heats = [
  { value: 'oven', words: 'oven' },
  { value: 'stove', words: 'stove' },
  { value: 'slow high', words: 'slow cooker, high' },
  { value: 'slow low', words: 'slow cooker, low' },
] as const;
type HeatChoice = (typeof heats)[number]['value'];
const lids = [
  { value: 'on', words: 'lid on' },
  { value: 'ajar', words: 'ajar' },
  { value: 'off', words: 'off' },
] as const;
const OVEN = { text: '160 °C', lo: 160, hi: 160 };

function choiceOf(phase: Phase | undefined): HeatChoice {
  if (phase?.heat === 'slow cooker') return phase.setting === 'high' ? 'slow high' : 'slow low';
  return phase?.heat === 'stove' ? 'stove' : 'oven';
}

/** When it is tender, and when to look first. */
export default function Clock() {
  const { batch, batchReckoning, units } = useOpenMeal();
  const { ready, meat, dry } = batchReckoning;
  const phase = openPhase(batch.cook);
  if (meat.rawG.mid === 0) return <NothingYet title="When it is tender" />;
  const edit = (words: string, change: (phase: Phase) => Phase, field?: string) => {
    editBatch(
      batch.id,
      words,
      (b) => ({ ...b, cook: b.cook.map((p, i) => (i === b.cook.length - 1 ? change(p) : p)) }),
      field,
    );
  };
  const chooseHeat = (value: HeatChoice) => {
    edit('the heat', ({ lid, minutes }) => {
      const kept = { lid, ...(minutes && { minutes }) };
      if (value === 'oven') return { ...kept, heat: 'oven', setting: OVEN };
      if (value === 'stove') return { ...kept, heat: 'stove' };
      return { ...kept, heat: 'slow cooker', setting: value === 'slow high' ? 'high' : 'low' };
    });
  };
  const first = ready.firstCheckMin === null ? undefined : writeMinutes(ready.firstCheckMin);
  const tender = ready.min && writeMinutes(ready.min);
  return (
    <>
      <div className="line">
        <h1>
          {first && tender
            ? `Look after ${first.value}, tender after ${tender.value}`
            : 'No time is known for this'}
        </h1>
      </div>
      <div className="choices">
        <Choice legend="Heat" hidden value={choiceOf(phase)} options={heats} onChoose={chooseHeat} />
        {phase?.heat === 'oven' && (
          <QuantityField
            label="Oven at"
            quantity={typeof phase.setting === 'object' ? phase.setting : undefined}
            measure="temperature"
            placeholder={writeDegrees(160, units)}
            chars={7}
            onChange={(setting) => {
              edit('the heat of the oven', (p) => ({ ...p, setting }), `${batch.id} oven`);
            }}
          />
        )}
        <Choice
          legend="Lid"
          hidden
          value={phase?.lid ?? 'on'}
          options={lids}
          onChoose={(lid) => {
            edit('the lid', (p) => ({ ...p, lid }));
          }}
        />
        <SmokeFirst />
        <QuantityField
          label="Time, if you know it"
          quantity={phase?.minutes}
          measure="duration"
          placeholder={tender ? tender.value : '3 h 30 min'}
          chars={11}
          onChange={(minutes) => {
            edit(
              'the time',
              (p) => ({ ...p, minutes: minutes.text === '' ? undefined : minutes }),
              `${batch.id} minutes`,
            );
          }}
        />
      </div>
      {ready.min && ready.firstCheckMin !== null ? (
        <TimeDown ready={ready.min} firstCheck={ready.firstCheckMin} />
      ) : (
        <>
          <Problems batch={batch.id} stage="clock" />
          <p className="nothing">
            Write the heat, or how long it cooks, and the steam and the broth are worked out from that.
          </p>
        </>
      )}
      <TakenOut />
      {dry && <Wrong>The pot boils dry before the meat is tender: pour more, or keep the lid on.</Wrong>}
      <PotReading />
      <p className="quiet">
        Counted from the moment the pot is hot: heat into the middle of each piece, and tenderness there, for
        the lot that is tender last. Test by feel: a fork sinks in and turns freely.
      </p>
      {phase?.heat === 'slow cooker' && (
        <Caution>Do not start a slow cooker from frozen, or half full of cold meat.</Caution>
      )}
    </>
  );
}
