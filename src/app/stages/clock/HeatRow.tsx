import { isSmoke, openPhase } from '@/core/clock/index.ts';
import { lidFits, type Phase, starts } from '@/core/meal/index.ts';
import { mayBeWarmed } from '@/core/pot/index.ts';
import { midpoint, type UnitChoice, writeDegrees, writeMinutes } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { bubbleOf, bubbles, changeOpen, heatOf, heats, lids, withHeat } from './phaseEdits.ts';
import { editBatch } from '../../open/edits/index.ts';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { HowItEnds } from './HowItEnds.tsx';
import { SmokeFirst } from './SmokeFirst.tsx';
import css from './clock.module.scss';

type EditPhase = (words: string, change: (phase: Phase) => Phase, field?: string) => void;
interface OfPhase {
  readonly phase: Phase;
  readonly edit: EditPhase;
}

/** The heat and the lid of the phase that lasts until it is tender. */
export function HeatRow() {
  const { batch } = useOpenMeal();
  const phase = openPhase(batch.cook);
  // Beside other phases each field says that it is of the long one.
  const several = batch.cook.filter((one) => !isSmoke(one)).length > 1;
  const edit: EditPhase = (words, change, field) => {
    changeOpen(batch.id, words, change, field);
  };
  return (
    <div className="choices">
      {several && <b>Braise</b>}
      <Choice
        legend={several ? 'Heat of the braise' : 'Heat'}
        hidden
        value={heatOf(phase)}
        options={heats}
        onChoose={(value) => {
          edit('the heat', (p) => withHeat(p, value));
        }}
      />
      {phase && <HowHot phase={phase} edit={edit} />}
      <Choice
        legend={several ? 'Lid of the braise' : 'Lid'}
        hidden
        value={phase?.lid ?? 'on'}
        options={lids}
        onChoose={(lid) => {
          edit('the lid', (p) => ({ ...p, lid }));
        }}
      />
      {(phase?.heat === 'oven' || phase?.heat === 'smoker') && <GoesIn />}
      {phase?.lid === 'on' && phase.heat !== 'slow cooker' && <LidFit phase={phase} edit={edit} />}
      <SmokeFirst />
      <HowLong
        phase={phase}
        label={several ? 'Braise for, if you know it' : 'Time, if you know it'}
        edit={edit}
      />
      <HowItEnds />
    </div>
  );
}

interface HowLongProps extends Pick<OfPhase, 'edit'> {
  readonly phase: Phase | undefined;
  readonly label: string;
}

/** A time that is known; else how long it takes is shown in its place. */
function HowLong({ phase, label, edit }: HowLongProps) {
  const { batch } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const tender = batchReckoning.ready.min && writeMinutes(batchReckoning.ready.min);
  return (
    <QuantityField
      label={label}
      quantity={phase?.minutes}
      measure="duration"
      placeholder={tender ? tender.value : '3 h 30 min'}
      chars={11}
      onChange={(minutes) => {
        edit(
          'the time',
          ({ minutes: _, ...p }) => (minutes.text === '' ? p : { ...p, minutes }),
          `${batch.id} minutes`,
        );
      }}
    />
  );
}

/** At how much: degrees of an oven or a smoker, how it bubbles on the stove. */
function HowHot({ phase, edit }: OfPhase) {
  const { batch, units } = useOpenMeal();
  return (
    <>
      {(phase.heat === 'oven' || phase.heat === 'smoker') && (
        <QuantityField
          label={phase.heat === 'oven' ? 'Oven at' : 'Smoker at'}
          quantity={typeof phase.setting === 'object' ? phase.setting : undefined}
          measure="temperature"
          units={[`°${units.degrees}`]}
          placeholder={writeDegrees(160, units)}
          chars={7}
          onChange={(setting) => {
            edit('the heat of the oven', (p) => ({ ...p, setting }), `${batch.id} oven`);
          }}
        />
      )}
      {phase.heat === 'oven' && (
        <HeatSlider
          celsius={(typeof phase.setting === 'object' ? midpoint(phase.setting) : undefined) ?? 160}
          units={units}
          onChange={(celsius) => {
            const text = writeDegrees(celsius, units);
            edit(
              'the heat of the oven',
              (p) => ({ ...p, setting: { text, lo: celsius, hi: celsius } }),
              `${batch.id} oven`,
            );
          }}
        />
      )}
      {phase.heat === 'stove' && (
        <Choice
          legend="It is kept at"
          hidden
          value={bubbleOf(phase)}
          options={bubbles}
          onChoose={(setting) => {
            edit('how it bubbles', (p) => ({ ...p, setting }));
          }}
        />
      )}
    </>
  );
}

/** How the pot goes into its oven or its smoker. */
function GoesIn() {
  const { batch, opened } = useOpenMeal();
  const isWarmed =
    opened.now.find(({ id }) => id === batch.id)?.vessels.every(({ vessel }) => mayBeWarmed(vessel)) ?? true;
  return (
    <SelectField
      label="Goes in"
      value={batch.start ?? ''}
      onChoose={(value) => {
        const start = starts.find((one) => one === value);
        editBatch(batch.id, 'how the pot goes in', ({ start: _, ...b }) => (start ? { ...b, start } : b));
      }}
    >
      <option value="">{isWarmed ? 'warmed on the stove' : 'straight in: it cannot go on a burner'}</option>
      <option value="boiled">brought to the boil</option>
      {(isWarmed || batch.start === 'straight in') && <option value="straight in">straight in</option>}
    </SelectField>
  );
}

function LidFit({ phase, edit }: OfPhase) {
  return (
    <SelectField
      label="Its lid"
      value={phase.fit ?? ''}
      onChoose={(value) => {
        const fit = lidFits.find((one) => one === value);
        edit('how the lid fits', ({ fit: _, ...p }) => (fit ? { ...p, fit } : p));
      }}
    >
      <option value="">fits as usual</option>
      <option value="tight">fits tight</option>
      <option value="foil">is foil over parchment</option>
      <option value="loose">is loose</option>
    </SelectField>
  );
}

/** The oven's heat, pulled: all that hangs from it moves along. */
function HeatSlider({
  celsius,
  units,
  onChange,
}: {
  readonly celsius: number;
  readonly units: UnitChoice;
  readonly onChange: (celsius: number) => void;
}) {
  return (
    <input
      type="range"
      className={css.heatSlider}
      aria-label="Heat of the oven"
      aria-valuetext={writeDegrees(celsius, units)}
      min={90}
      max={230}
      step={5}
      value={celsius}
      onChange={({ target }) => {
        onChange(Number(target.value));
      }}
    />
  );
}
