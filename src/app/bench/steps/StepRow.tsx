import { X } from 'lucide-react';
import {
  type AfterStep,
  drawnFrom,
  type DrawnFrom,
  type Skim,
  skims,
  stretchStates,
  type StretchState,
  thickeners,
  type Tool,
  tools,
} from '@/core/batch/index.ts';
import { afterWords, drawnWords, skimWords, toolWords } from '@/words/index.ts';
import { useOpenMeal } from '../../data/MealContext.ts';
import { massUnits, volumeUnits } from '../../data/useSettings.ts';
import { without, withOrWithout } from '../../data/withOrWithout.ts';
import { PercentField } from '../../parts/fields/PercentField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';
import { Grip, useRow } from '../../parts/sortable/Grip.tsx';
import { AddField, type ChangeStep } from './AddField.tsx';
import css from './steps.module.scss';

interface Props {
  readonly step: AfterStep;
  /** The liquids that are set apart somewhere in the list. */
  readonly liquids: readonly string[];
  readonly onChange: ChangeStep;
  readonly onDrop: () => void;
}

/** Steps that are done to one liquid, which may be another than the pot's. */
const onLiquid = new Set<AfterStep['what']>([
  'strain',
  'mash',
  'skim',
  'set apart',
  'put back',
  'boil down',
  'thicken',
  'add',
  'salt',
]);

/** One step of the list, with what it leaves open. */
export function StepRow({ step, liquids, onChange, onDrop }: Props) {
  const { row, grip } = useRow(step.id);
  const name = afterWords[step.what];
  return (
    <li {...row} className={css.row}>
      <Grip name={name} thing="step" grip={grip} />
      <b>{name}</b>
      <span className={css.how}>
        {onLiquid.has(step.what) && liquids.length > 0 && (
          <SelectField
            label={`${name}: of what`}
            hidden
            value={step.liquid ?? ''}
            onChoose={(liquid) =>
              onChange('which liquid', ({ liquid: _, ...s }) => (liquid === '' ? s : { ...s, liquid }))
            }
          >
            <option value="">of the pot’s liquid</option>
            {[...new Set(liquids)].map((liquid) => (
              <option key={liquid} value={liquid}>
                of the {liquid}
              </option>
            ))}
          </SelectField>
        )}
        <How step={step} liquids={liquids} name={name} onChange={onChange} />
      </span>
      <button type="button" className="btn btn-sm" aria-label={`Drop: ${name}`} onClick={onDrop}>
        <X size={18} aria-hidden />
      </button>
    </li>
  );
}

const withShare =
  (share: number | undefined) =>
  ({ share: _, ...step }: AfterStep): AfterStep =>
    share === undefined ? step : { ...step, share };

function How({
  step,
  liquids,
  name,
  onChange,
}: Pick<Props, 'step' | 'liquids' | 'onChange'> & { readonly name: string }) {
  const { units } = useOpenMeal();
  switch (step.what) {
    case 'pull':
      return (
        <SelectField
          label="Pulled with"
          hidden
          value={step.tool ?? 'forks'}
          onChoose={(tool) => onChange('what it is pulled with', (s) => ({ ...s, tool: tool as Tool }))}
        >
          {tools.map((tool) => (
            <option key={tool} value={tool}>
              with {toolWords[tool]}
            </option>
          ))}
        </SelectField>
      );
    case 'skim':
      return (
        <SelectField
          label="How it is skimmed"
          hidden
          value={step.way ?? 'hot'}
          onChoose={(way) => onChange('skimming', (s) => ({ ...s, way: way as Skim }))}
        >
          {skims
            .filter((way) => way !== 'leave')
            .map((way) => (
              <option key={way} value={way}>
                {skimWords[way]}
              </option>
            ))}
        </SelectField>
      );
    case 'boil down':
      return (
        <QuantityField
          label="to"
          quantity={step.to}
          measure="volume"
          units={volumeUnits(units)}
          placeholder="so much is left"
          chars={12}
          onChange={(to) =>
            onChange('how far it is boiled down', (s) => withOrWithout(s, 'to', to), `${step.id} to`)
          }
        />
      );
    case 'lift':
      return (
        <PercentField
          label="so much of it"
          share={step.share}
          placeholder="all of it"
          most={1}
          why="there is no more"
          onChange={(share) => onChange('how much is lifted', withShare(share), `${step.id} share`)}
        />
      );
    case 'set apart':
      return (
        <>
          <SelectField
            label="From where in the pot"
            hidden
            value={step.from ?? 'stirred'}
            onChoose={(from) =>
              onChange('where it is taken from', (s) => ({ ...s, from: from as DrawnFrom }))
            }
          >
            {drawnFrom.map((from) => (
              <option key={from} value={from}>
                {drawnWords[from]}
              </option>
            ))}
          </SelectField>
          <TextField
            label="as"
            value={step.as ?? ''}
            onChange={(as) =>
              onChange(
                'what is set apart',
                (s) => (as === '' ? without(s, 'as') : { ...s, as }),
                `${step.id} as`,
              )
            }
          />
          <Amount step={step} name={name} placeholder="half of it" onChange={onChange} measure="volume" />
        </>
      );
    case 'thicken':
      return (
        <>
          <SelectField
            label="Thickened with"
            hidden
            value={step.with ?? 'starch'}
            onChoose={(with_) =>
              onChange('what it is thickened with', (s) => ({
                ...s,
                with: with_ as (typeof thickeners)[number],
              }))
            }
          >
            {thickeners.map((one) => (
              <option key={one} value={one}>
                with {one}
              </option>
            ))}
          </SelectField>
          <Amount step={step} name={name} placeholder="none yet" onChange={onChange} measure="mass" />
        </>
      );
    case 'salt':
      return <Amount step={step} name={name} placeholder="none yet" onChange={onChange} measure="mass" />;
    case 'add':
      return (
        <>
          <AddField step={step} onChange={onChange} />
          <TextField
            label="apart, as"
            value={step.as ?? ''}
            onChange={(as) =>
              onChange(
                'what is brought in',
                (s) => (as === '' ? without(s, 'as') : { ...s, as }),
                `${step.id} as`,
              )
            }
          />
        </>
      );
    case 'stretch':
      return (
        <>
          <AddField step={step} onChange={onChange} />
          <SelectField
            label="How it goes in"
            hidden
            value={step.cooked ?? 'cooked'}
            onChoose={(cooked) =>
              onChange('how it goes in', (s) => ({ ...s, cooked: cooked as StretchState }))
            }
          >
            {stretchStates.map((state) => (
              <option key={state} value={state}>
                {state}
              </option>
            ))}
          </SelectField>
        </>
      );
    case 'dress':
      return (
        <>
          {liquids.length > 0 && (
            <>
              <SelectField
                label="Dressed with"
                hidden
                value={step.liquid ?? ''}
                onChoose={(liquid) =>
                  onChange('what it is dressed with', (s) =>
                    liquid === '' ? without(s, 'liquid') : { ...s, liquid },
                  )
                }
              >
                <option value="">with the pot’s liquid</option>
                {[...new Set(liquids)].map((liquid) => (
                  <option key={liquid} value={liquid}>
                    with the {liquid}
                  </option>
                ))}
              </SelectField>
              <PercentField
                label="so much of the meat"
                share={step.share}
                placeholder="all of it"
                most={1}
                why="there is no more"
                onChange={(share) =>
                  onChange('how much of it is dressed', withShare(share), `${step.id} share`)
                }
              />
            </>
          )}
          <PercentField
            label="so juicy, of its weight"
            share={step.held}
            placeholder="15 %"
            most={0.6}
            why="meat holds no more"
            onChange={(held) =>
              onChange(
                'how juicy it is',
                ({ held: _, ...s }) => (held === undefined ? s : { ...s, held }),
                `${step.id} held`,
              )
            }
          />
        </>
      );
    case 'cool':
    case 'meat back':
    case 'hold':
      return (
        <QuantityField
          label={`${name}: how long`}
          hidden
          quantity={step.minutes}
          measure="duration"
          placeholder="as usual"
          chars={9}
          onChange={(minutes) =>
            onChange('how long a step takes', (s) => withOrWithout(s, 'minutes', minutes), `${step.id} min`)
          }
        />
      );
    default:
      return null;
  }
}

interface AmountProps {
  readonly step: AfterStep;
  readonly name: string;
  readonly placeholder: string;
  readonly measure: 'mass' | 'volume';
  readonly onChange: ChangeStep;
}

function Amount({ step, name, placeholder, measure, onChange }: AmountProps) {
  const { units } = useOpenMeal();
  return (
    <QuantityField
      label={`${name}: how much`}
      hidden
      quantity={step.amount}
      measure={measure}
      units={measure === 'mass' ? massUnits(units).toReversed() : volumeUnits(units)}
      placeholder={placeholder}
      chars={9}
      nought
      onChange={(amount) =>
        onChange(
          'how much goes in',
          (s) => ({ ...withOrWithout(s, 'amount', amount), measure }),
          `${step.id} amount`,
        )
      }
    />
  );
}
