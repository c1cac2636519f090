import { currencyCodes, USUAL_CURRENCY } from '@/core/shop/index.ts';
import { PriceField } from '../meat/PriceField.tsx';
import { SelectField } from '../parts/SelectField.tsx';
import { useDocumentTitle } from '../shell/useDocumentTitle.ts';
import { Link } from 'react-router';
import { changeSettings, editKitchen } from '../data/edits.ts';
import { useKitchen } from '../data/useKitchen.ts';
import { useSettings } from '../data/useSettings.ts';
import { Choice } from '../parts/Choice.tsx';
import { Top } from '../shell/Top.tsx';

const systems = [
  { value: 'metric', words: 'kg, g, l, ml' },
  { value: 'us', words: 'lb, oz, cups, fl oz' },
] as const;
const degrees = [
  { value: 'C', words: '°C' },
  { value: 'F', words: '°F' },
] as const;

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
        </div>
        <h2>Money</h2>
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
        <p>
          <Link to="/cuts">All cuts, and your own</Link>
        </p>
        <h2>Vessels</h2>
        <ul className="vessels">
          {kitchen.vessels.map(({ id, name, widthCm, lengthCm, heightCm }) => (
            <li key={id}>
              <b>{name}</b>{' '}
              <span className="quiet">
                {lengthCm === undefined ? `${widthCm} cm across` : `${widthCm} × ${lengthCm} cm`}, {heightCm}{' '}
                cm deep inside
              </span>
            </li>
          ))}
        </ul>
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
