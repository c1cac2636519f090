import { without } from '../../../open/withOrWithout.ts';
import { TextField } from '../../../parts/fields/TextField.tsx';
import type { HowProps } from './screens.ts';

interface Props<W extends 'set apart' | 'add'> extends Pick<HowProps<W>, 'step' | 'onChange'> {
  readonly label: string;
  /** The act that names it. */
  readonly act: string;
}

/** What a liquid that stands apart is called. */
export function NameField<W extends 'set apart' | 'add'>({ step, onChange, label, act }: Props<W>) {
  const { id, as }: { readonly id: string; readonly as?: string | undefined } = step;
  return (
    <TextField
      label={label}
      value={as ?? ''}
      onChange={(next) =>
        onChange(act, (s) => (next === '' ? (without(s, 'as') as typeof s) : { ...s, as: next }), `${id} as`)
      }
    />
  );
}
