import { usualKitchen } from '@/core/batch/usual.ts';
import { useDocumentTitle } from '../shell/useDocumentTitle.ts';
import { changeSettings } from '../data/edits.ts';
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
        <h2>Vessels</h2>
        <ul className="vessels">
          {usualKitchen.vessels.map(({ id, name, widthCm, lengthCm, heightCm }) => (
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
