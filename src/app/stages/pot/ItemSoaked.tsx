import { reference } from '@/reference/index.ts';
import { PercentField } from '../../parts/fields/PercentField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import type { ItemProps } from './itemProps.ts';

/** What a thing may be soaked in beside water. */
const soakers = reference.ingredients.filter(({ role, section }) => role === 'liquid' && section !== 'tap');

/** How much of what it is soaked in, and how much of that goes into the pot. */
export function ItemSoaked({ item, ingredient, edit }: Omit<ItemProps, 'name'>) {
  const soaks = ingredient?.does === 'soaks' || item.soak !== undefined;
  return (
    <>
      {soaks && (
        <QuantityField
          label="Soaked in"
          quantity={item.soak?.water}
          measure="volume"
          placeholder="400 ml"
          onChange={(water) => {
            edit(
              'the soaking of',
              ({ soak, ...i }) => (water.text === '' ? i : { ...i, soak: { goesIn: 1, ...soak, water } }),
              'soak',
            );
          }}
        />
      )}
      {item.soak && (
        <SelectField
          label="of"
          value={item.soak.in ?? ''}
          onChoose={(ref) => {
            edit('what to soak in', (i) => {
              if (!i.soak) return i;
              const { in: _, ...soak } = i.soak;
              return { ...i, soak: ref === '' ? soak : { ...soak, in: ref } };
            });
          }}
        >
          <option value="">water</option>
          {soakers.map(({ id, name: of }) => (
            <option key={id} value={id}>
              {of}
            </option>
          ))}
        </SelectField>
      )}
      {item.soak && (
        <PercentField
          label="How much goes in"
          share={item.soak.goesIn}
          placeholder="100 %"
          most={1}
          why="that is all there is"
          onChange={(goesIn) => {
            edit(
              'the soaking water of',
              (i) => (i.soak ? { ...i, soak: { ...i.soak, goesIn: goesIn ?? 1 } } : i),
              'water',
            );
          }}
        />
      )}
    </>
  );
}
