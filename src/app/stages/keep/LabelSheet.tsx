import { useState } from 'react';
import { saveFile } from '../../browser/saveText.ts';
import { type LabelSize, labelSizes, type LabelText } from '../../paper/label.ts';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import { PrinterSheet } from './PrinterSheet.tsx';
import { PdfButton } from '../../parts/PdfButton.tsx';

/** Labels as a sheet of the size that is in the printer: seen first, then as a PDF. */
export function LabelSheet({ labels }: { readonly labels: readonly LabelText[] }) {
  const [size, setSize] = useState<LabelSize>('medium');
  const [open, setOpen] = useState(false);
  if (labels.length === 0) return null;
  const pdf = async () => {
    const [{ labelSheet }, { asPdf, paperFonts }] = await Promise.all([
      import('../../paper/labels.ts'),
      import('../../paper/fonts.ts'),
    ]);
    const bytes = labelSheet({ labels, size, fonts: await paperFonts() });
    saveFile('labels.pdf', asPdf(bytes));
  };
  return (
    <>
      <div className="choices">
        <button type="button" className="link" aria-expanded={open} onClick={() => setOpen(!open)}>
          {labels.length === 1 ? 'print a label' : `print ${String(labels.length)} labels`}
        </button>
        {open && (
          <>
            <OneOfField
              label="Labels"
              among={Object.keys(labelSizes) as LabelSize[]}
              value={size}
              say={(one) => `${one}, ${String(labelSizes[one].wide)} × ${String(labelSizes[one].high)} mm`}
              onChoose={setSize}
            />
            <PdfButton words="The sheet, PDF" write={pdf} />
          </>
        )}
      </div>
      {open && <PrinterSheet labels={labels} size={size} />}
    </>
  );
}
