import { useQuery } from '@tanstack/react-query';
import { writeMass } from '@/core/quantity/index.ts';
import { pansOf } from '@/core/reckoning/sear.ts';
import { askSearing } from '@/workers/client.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editBatch } from '../data/edits.ts';
import { PanFromAbove } from '../figures/PanFromAbove.tsx';
import { SelectField } from '../parts/SelectField.tsx';
import { Wrong } from '../parts/Wrong.tsx';

/** More pans than this are not drawn one by one. */
const DRAWN = 24;

/** The sear, pan by pan: which pieces lie in which, how long it takes, and how much fat. */
export default function SearPans() {
  const { loaded, batch, units } = useOpenMeal();
  const { meal, batches, entries, kitchen } = loaded;
  const question = { meal, batches, entries, kitchen };
  const { data, error } = useQuery({
    queryKey: ['searing', question, batch.id] as const,
    queryFn: ({ signal }) => askSearing(question, batch.id, signal),
    placeholderData: (before) => before,
    staleTime: Infinity,
  });
  if (error) return <Wrong>The pans could not be laid out ({error.message}). Reload the page.</Wrong>;
  if (!data) return <p className="quiet">Laying them out.</p>;
  const { pans, minutes, fatG, tooLarge, pan, names } = data;
  const fat = writeMass(fatG, units);
  const lots = [...new Set(pans.map(({ lot }) => lot))];
  return (
    <section className="sear" aria-label="Pan by pan">
      <div className="choices">
        <SelectField
          label="Sear in"
          value={pan.id}
          onChoose={(id) => {
            editBatch(batch.id, 'what it is seared in', (b) => ({ ...b, pan: id }));
          }}
        >
          {pansOf(loaded).map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        <p>
          <b className="num">{pans.length}</b> {pans.length === 1 ? 'panful' : 'panfuls'}, about{' '}
          <b className="num">{Math.round(minutes)} min</b>, with{' '}
          <b className="num">{`${fat.value} ${fat.unit}`}</b> of fat in all.
        </p>
      </div>
      {tooLarge.map((lot) => (
        <Wrong key={lot}>
          The pieces of {names[lot]?.toLowerCase()} do not fit into {pan.name}: cut them smaller, or take a
          wider pan.
        </Wrong>
      ))}
      {lots.map((lot) => {
        const own = pans.filter((one) => one.lot === lot);
        const counts = own.map(({ pieces }) => pieces.length);
        return (
          <figure key={lot}>
            <figcaption>
              {names[lot]}: <span className="num">{counts.join(', ')}</span>
            </figcaption>
            <div className="pans">
              {own.slice(0, DRAWN).map((one, i) => (
                <PanFromAbove
                  // Pans have no identity but their turn.
                  key={i}
                  pan={pan}
                  panful={one}
                  words={`${pan.name}, turn ${i + 1}: ${one.pieces.length} pieces of ${names[lot] ?? ''}`}
                />
              ))}
            </div>
          </figure>
        );
      })}
      <p className="quiet">
        Dry pieces, a finger apart, not moved until they let go. Wet or crowded meat steams.
      </p>
    </section>
  );
}
