import { useState } from 'react';
import type { Lot, OwnCut } from '@/core/meal/index.ts';
import { reference } from '@/reference/index.ts';
import { editLot } from '../../open/edits/index.ts';
import { usePainted } from '../../browser/usePainted.ts';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { CutOptions } from '../../parts/CutOptions.tsx';

interface Props {
  readonly lot: Lot;
  readonly batchId: string;
  readonly own: readonly OwnCut[];
  readonly hidden: boolean;
  /** One of very many: its cuts come when it is gone to. */
  readonly waits: boolean;
}

/** The cut of a lot: from the table, or the kitchen's own. */
export function CutSelect({ lot, batchId, own, hidden, waits }: Props) {
  const [asked, ask] = useState(false);
  const painted = usePainted();
  // Whoever goes to it finds them there, however soon.
  const listed = asked || (painted && !waits);
  const cut = reference.cuts.find(({ id }) => id === lot.cut) ?? own.find(({ id }) => id === lot.cut);
  const known = cut !== undefined || lot.cut === '';
  const name = cut?.name ?? (lot.cut === '' ? 'choose a cut' : `${lot.cut} (gone)`);
  return (
    <SelectField
      label="Cut"
      hidden={hidden}
      value={lot.cut}
      onNear={() => {
        ask(true);
      }}
      onChoose={(cut) => editLot(batchId, lot.id, 'the cut of a lot', { cut })}
    >
      {listed ? <CutOptions own={own} /> : null}
      {!(listed && known) && <option value={lot.cut}>{name}</option>}
    </SelectField>
  );
}
