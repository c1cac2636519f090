import { X } from 'lucide-react';
import { useState } from 'react';
import { TEXT_MOST } from '@/core/quantity/index.ts';
import { listLine, tickOff } from '../../open/edits/index.ts';
import { useKept } from '../../open/useKept.ts';
import css from './shopping.module.scss';

/** Lines of the cook's own: whatever else is to be bought. */
export function OwnLines({ got }: { readonly got: ReadonlySet<string> }) {
  const [text, setText] = useState('');
  const row = useKept().get('shopping');
  const lines = row?.id === 'shopping' ? (row.lines ?? []) : [];
  const add = () => {
    const line = text.trim();
    if (line === '') return;
    listLine(line, true);
    setText('');
  };
  return (
    <section aria-label="lines of your own">
      {lines.length > 0 && <h2>your own</h2>}
      <ul>
        {lines.map((line) => (
          <li key={line} className={got.has(`own ${line}`) ? css.isGot : undefined}>
            <label>
              <input
                type="checkbox"
                checked={got.has(`own ${line}`)}
                onChange={() => tickOff(`own ${line}`)}
              />
              {line}
            </label>
            <button
              type="button"
              className="link quiet"
              aria-label={`Remove ${line}`}
              onClick={() => listLine(line, false)}
            >
              <X size={16} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <input
        className="write"
        aria-label="Something else to buy"
        placeholder="+ something else to buy"
        maxLength={TEXT_MOST}
        value={text}
        onChange={({ target }) => setText(target.value)}
        onBlur={add}
        onKeyDown={({ key }) => {
          if (key === 'Enter') add();
        }}
      />
    </section>
  );
}
