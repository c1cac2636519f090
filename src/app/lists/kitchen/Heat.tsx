import { boilingAt } from '@/core/tender/index.ts';
import { Plus, X } from 'lucide-react';
import { type HeatSource, type Kitchen, sourceKinds } from '@/core/meal/index.ts';
import { OVEN_WIDTH, usualSources } from '@/core/pot/index.ts';
import { writeDegrees } from '@/core/quantity/index.ts';
import { editKitchen } from '../../open/edits/index.ts';
import { useSettings } from '../../open/useSettings.ts';
import { PlaceSelect } from '../../parts/fields/PlaceSelect.tsx';
import { withKey } from '../../open/withOrWithout.ts';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';
import { AltitudeField } from './AltitudeField.tsx';
import { LengthField } from '../../parts/fields/LengthField.tsx';
import css from './kitchen.module.scss';

const hasRoom = (kind: HeatSource['kind']) => kind === 'oven' || kind === 'smoker' || kind === 'grill';
/** Room between the rack and the roof, if nobody has measured it, cm. */
const USUAL_ROOM = 30;

/** Burners, ovens and what else gives heat; and how high the kitchen lies. */
export function Heat({ kitchen }: { readonly kitchen: Kitchen }) {
  const units = useSettings();
  const sources = kitchen.heatSources ?? usualSources;
  const edit = (words: string, recipe: (all: readonly HeatSource[]) => HeatSource[]) => {
    editKitchen(words, (before) => ({ ...before, heatSources: recipe(before.heatSources ?? usualSources) }));
  };
  return (
    <section>
      <h2>Heat</h2>
      <ul className={css.heat} aria-label="What gives heat">
        {sources.map((source) => (
          <SourceRow key={source.id} source={source} kitchen={kitchen} edit={edit} />
        ))}
      </ul>
      <button
        type="button"
        className="btn act"
        onClick={() => {
          edit('another burner', (all) => [
            ...all,
            { id: crypto.randomUUID(), name: 'Another burner', kind: 'burner' },
          ]);
        }}
      >
        <Plus size={16} aria-hidden /> Another burner or oven
      </button>
      <div className={css.altitude}>
        <AltitudeField
          metres={kitchen.altitudeM}
          onChange={(altitudeM) => {
            editKitchen('how high the kitchen lies', (before) => ({ ...before, altitudeM }));
          }}
        />
        <span className="quiet">
          Water boils at <b className="num">{writeDegrees(boilingAt(kitchen.altitudeM), units)}</b> there.
        </span>
      </div>
    </section>
  );
}

interface RowProps {
  readonly source: HeatSource;
  readonly kitchen: Kitchen;
  readonly edit: (words: string, recipe: (all: readonly HeatSource[]) => HeatSource[]) => void;
}

function SourceRow({ source, kitchen, edit }: RowProps) {
  const change = (words: string, changes: Partial<HeatSource>) =>
    edit(words, (all) => all.map((one) => (one.id === source.id ? { ...one, ...changes } : one)));
  return (
    <li>
      <TextField
        label={`Name of ${source.name}`}
        hidden
        value={source.name}
        onChange={(name) => {
          if (name !== '') change('the name of a burner or an oven', { name });
        }}
      />
      <SelectField
        label={`What ${source.name} is`}
        hidden
        value={source.kind}
        onChoose={(value) => {
          const kind = sourceKinds.find((one) => one === value) ?? 'burner';
          change('what gives heat', {
            kind,
            ...(hasRoom(kind) && { heightCm: source.heightCm ?? USUAL_ROOM }),
          });
        }}
      >
        {sourceKinds.map((kind) => (
          <option key={kind}>{kind}</option>
        ))}
      </SelectField>
      {hasRoom(source.kind) && (
        <LengthField
          label="Inner height, cm"
          cm={source.heightCm ?? USUAL_ROOM}
          onChange={(heightCm) => {
            change('the height of an oven', { heightCm });
          }}
        />
      )}
      {source.kind === 'oven' && (
        <LengthField
          label="Inner width, cm"
          cm={source.widthCm ?? OVEN_WIDTH}
          onChange={(widthCm) => {
            change('the width of an oven', { widthCm });
          }}
        />
      )}
      <PlaceSelect
        label={`Where ${source.name} stands`}
        kitchen={kitchen}
        at={source.at}
        onChoose={(at) => {
          edit('where a burner or an oven stands', (all) =>
            all.map((one) => (one.id === source.id ? withKey(one, 'at', at) : one)),
          );
        }}
      />
      <button
        type="button"
        className="link quiet"
        aria-label={`Remove ${source.name}`}
        onClick={() => {
          edit(`removing ${source.name}`, (all) => all.filter(({ id }) => id !== source.id));
        }}
      >
        <X size={16} aria-hidden />
      </button>
    </li>
  );
}
