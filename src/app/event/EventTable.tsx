import type { EventFigures } from '@/core/event/index.ts';
import { bothWords } from '@/words/index.ts';
import { useWrites } from './Headline.tsx';
import { Scrolls } from './Scrolls.tsx';
import css from './event.module.scss';

/** The drawing in words: what every pot gives to every sitting, and what nobody takes. */
export function EventTable({ event }: { readonly event: EventFigures }) {
  const writes = useWrites();
  const said = (both: { g: number; ml: number }) => bothWords(both, writes) || '–';
  return (
    <details className={css.more}>
      <summary>As a table</summary>
      <Scrolls label="What every pot gives">
        <table className="table">
          <thead>
            <tr>
              <th scope="col">Pot</th>
              <th scope="col">comes to</th>
              {event.sittings.map(({ id, name }) => (
                <th key={id} scope="col">
                  {name}
                </th>
              ))}
              <th scope="col">left over</th>
            </tr>
          </thead>
          <tbody>
            {event.pots.map((pot) => (
              <tr key={pot.id}>
                <th scope="row">{pot.name}</th>
                <td>{said(pot.has)}</td>
                {event.sittings.map(({ id }) => (
                  <td key={id}>
                    {said(
                      event.gives.find((one) => one.pot === pot.id && one.sitting === id) ?? { g: 0, ml: 0 },
                    )}
                  </td>
                ))}
                <td>{said(pot.over)}</td>
              </tr>
            ))}
            <tr>
              <th scope="row">short</th>
              <td />
              {event.sittings.map(({ id, lacks }) => (
                <td key={id}>{said(lacks)}</td>
              ))}
              <td />
            </tr>
          </tbody>
        </table>
      </Scrolls>
    </details>
  );
}
