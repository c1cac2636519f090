import { salts } from '@/core/pot/index.ts';
import { currencyCodes, USUAL_CURRENCY } from '@/core/shop/index.ts';
import { PriceField } from '../../parts/fields/PriceField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { useDocumentTitle } from '../../shell/useDocumentTitle.ts';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Kitchen as Kept } from '@/core/meal/index.ts';
import { changeSettings, editKitchen } from '../../open/edits/index.ts';
import { useKitchen } from '../../open/useKitchen.ts';
import { useSettings } from '../../open/useSettings.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { Top } from '../../shell/top/Top.tsx';
import { Fridges } from './Fridges.tsx';
import { Heat } from './Heat.tsx';
import { Places } from './Places.tsx';
import { Scoops } from './Scoops.tsx';
import { OwnThings } from './OwnThings.tsx';
import { Vessels } from './Vessels.tsx';
import css from './kitchen.module.scss';

const systems = [
  { value: 'metric', words: 'kg, g, l, ml' },
  { value: 'us', words: 'lb, oz, cups, fl oz' },
] as const;
const hoursForms = [
  { value: '24', words: '18:00' },
  { value: '12', words: '6 pm' },
] as const;
const keepRules = [
  { value: 'home', words: 'a home: 4 days' },
  { value: 'business', words: 'a business: 7, the first counted' },
] as const;
const tins = [
  { value: '400 g', words: '400 g, a large one 800 g' },
  { value: '14.5 oz', words: '14.5 oz, a large one 28 oz' },
] as const;
const degrees = [
  { value: 'C', words: '°C' },
  { value: 'F', words: '°F' },
] as const;

/** A salt that is none of the table's, and what a level teaspoon of any can weigh, g (estimates). */
const OWN_SALT = 'own salt';
const [LIGHTEST, HEAVIEST] = [1, 10];

/** What is kept for all meals: units, chosen once, and the vessels there are. */
export default function Kitchen() {
  const settings = useSettings();
  const kitchen = useKitchen();
  useDocumentTitle('kitchen');
  return (
    <div className="frame">
      <Top />
      <main id="sheet" className="sheet is-wide" tabIndex={-1}>
        <h1>The kitchen</h1>
        <p className="quiet">
          Figures are shown in these units. What is typed is read in any of them, with a decimal comma or a
          point.
        </p>
        <Units />
        <div className="choices">
          <Choice
            legend="What is kept is kept by the rule of"
            value={kitchen.keeps ?? 'home'}
            options={keepRules}
            onChoose={(keeps) =>
              editKitchen('by which rule things are kept', (before) => ({ ...before, keeps }))
            }
          />
          <Choice
            legend="A tin without a size holds"
            value={kitchen.tins ?? '400 g'}
            options={tins}
            onChoose={(size) => editKitchen('which tins are usual', (before) => ({ ...before, tins: size }))}
          />
        </div>
        <h2>Vessels</h2>
        <Vessels kitchen={kitchen} units={settings} />
        <h2>Salt</h2>
        <Salt kitchen={kitchen} />
        <div className={css.kitchenTwo}>
          <Heat kitchen={kitchen} />
          <Fridges kitchen={kitchen} />
          <Scoops kitchen={kitchen} units={settings} />
        </div>
        <Places kitchen={kitchen} />
        <OwnThings kitchen={kitchen} />
        <h2>Money</h2>
        <Money kitchen={kitchen} />
        <p>
          <Link to="/cuts">All cuts, and your own</Link>
        </p>
        <p className="quiet">
          Slow Spoon’s tables come from the USDA’s Standard Reference 24, which is in the public domain.{' '}
          <a href="/licences.txt" target="_blank">
            What it is made of, and under which licences
          </a>
        </p>
      </main>
    </div>
  );
}

interface WorthProps {
  readonly label: string;
  readonly value: number | undefined;
  readonly currency: string | undefined;
  readonly onChange: (value: number) => void;
}

/** What something kept is worth; nothing until it is said. */
function Worth({ label, value, currency = USUAL_CURRENCY, onChange }: WorthProps) {
  return (
    <PriceField
      label={label}
      bare
      price={{ text: value === undefined ? '' : String(value), per: 'kg' }}
      currency={currency}
      onChange={({ text, amount }) => {
        if (amount !== undefined || text === '') onChange(amount ?? 0);
      }}
    />
  );
}

/** In which units figures are shown. */
function Units() {
  const settings = useSettings();
  return (
    <div className="choices">
      <Choice
        legend="Weights and volumes"
        value={settings.system}
        options={systems}
        onChoose={(system) => {
          changeSettings({ ...settings, system });
        }}
      />
      <Choice
        legend="Heat"
        value={settings.degrees}
        options={degrees}
        onChoose={(unit) => {
          changeSettings({ ...settings, degrees: unit });
        }}
      />
      <Choice
        legend="Times of day"
        value={settings.hours ?? '24'}
        options={hoursForms}
        onChoose={(hours) => {
          changeSettings({ ...settings, hours });
        }}
      />
    </div>
  );
}

interface Props {
  readonly kitchen: Kept;
}

/** What a level teaspoon of the salt by the stove weighs. */
function Salt({ kitchen }: Props) {
  const [wrongSalt, setWrongSalt] = useState<string>();
  return (
    <div className="choices">
      <SelectField
        label="The salt by the stove"
        value={kitchen.salt?.name ?? salts[0].name}
        onChoose={(name) => {
          const salt = salts.find((one) => one.name === name) ?? {
            name: OWN_SALT,
            gPerTsp: kitchen.salt?.gPerTsp ?? salts[0].gPerTsp,
          };
          editKitchen('the salt by the stove', (before) => ({ ...before, salt: { ...salt } }));
        }}
      >
        {salts.map(({ name, gPerTsp }) => (
          <option key={name} value={name}>
            {name}, {gPerTsp} g a teaspoon
          </option>
        ))}
        <option value={OWN_SALT}>another: weigh a teaspoon of it</option>
      </SelectField>
      {kitchen.salt?.name === OWN_SALT && (
        <QuantityField
          label="A level teaspoon weighs"
          quantity={{
            text: `${String(kitchen.salt.gPerTsp)} g`,
            lo: kitchen.salt.gPerTsp,
            hi: kitchen.salt.gPerTsp,
          }}
          measure="mass"
          units={['g']}
          problem={wrongSalt}
          draft="own salt"
          onDone={({ lo, text }) => {
            const good = lo !== undefined && lo >= LIGHTEST && lo <= HEAVIEST;
            setWrongSalt(
              good
                ? undefined
                : `“${text}” in a teaspoon is not salt; it weighs ${String(LIGHTEST)} to ${String(HEAVIEST)} g.`,
            );
            if (good)
              editKitchen('what a teaspoon of salt weighs', (before) => ({
                ...before,
                salt: { name: OWN_SALT, gPerTsp: lo },
              }));
          }}
        />
      )}
    </div>
  );
}

/** What prices are in, and what is worth something that is kept. */
function Money({ kitchen }: Props) {
  return (
    <div className="choices">
      <SelectField
        label="Prices are in"
        value={kitchen.currency ?? USUAL_CURRENCY}
        onChoose={(currency) => {
          editKitchen('the currency', (before) => ({ ...before, currency }));
        }}
      >
        {currencyCodes.map((code) => (
          <option key={code} value={code}>
            {code}
          </option>
        ))}
      </SelectField>
      <Worth
        label="Kept fat is worth, a kg"
        value={kitchen.worth?.fatPerKg}
        currency={kitchen.currency}
        onChange={(fatPerKg) => {
          editKitchen('what fat is worth', (before) => ({
            ...before,
            worth: { ...before.worth, fatPerKg },
          }));
        }}
      />
      <Worth
        label="Kept broth is worth, a litre"
        value={kitchen.worth?.liquidPerL}
        currency={kitchen.currency}
        onChange={(liquidPerL) => {
          editKitchen('what broth is worth', (before) => ({
            ...before,
            worth: { ...before.worth, liquidPerL },
          }));
        }}
      />
    </div>
  );
}
