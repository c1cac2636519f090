import { create } from 'qrcode';
import { codeWords, type LabelSize, labelSizes, type LabelText } from '../../paper/label.ts';
import css from './keep.module.scss';

interface Props {
  readonly labels: readonly LabelText[];
  readonly size: LabelSize;
}

/** The stand-in printer: the sheet as it will come out, mm for mm. */
export function PrinterSheet({ labels, size }: Props) {
  const { across, down, wide, high } = labelSizes[size];
  const first = labels.slice(0, across * down);
  return (
    <figure className={css.printer}>
      <svg
        viewBox={`0 0 ${String(across * wide)} ${String(Math.ceil(first.length / across) * high)}`}
        role="img"
        aria-label={`The first sheet: ${first.map(({ title, amount, useBy }) => `${title}, ${amount}, ${useBy}`).join('; ')}`}
      >
        {first.map((label, i) => {
          const [x, y] = [(i % across) * wide, Math.floor(i / across) * high];
          const { modules } = create(codeWords(label), { errorCorrectionLevel: 'L' });
          const code = Math.min(high - 6, wide * 0.3);
          const dot = code / modules.size;
          const unit = high / 68;
          const dots = Array.from({ length: modules.size * modules.size }, (_, k) => k).filter((k) =>
            modules.get(Math.floor(k / modules.size), k % modules.size),
          );
          return (
            <g key={i} transform={`translate(${String(x)} ${String(y)})`}>
              <rect
                className="ink-line"
                x={1}
                y={1}
                width={wide - 2}
                height={high - 2}
                strokeWidth={0.3}
                rx={1.5}
              />
              {
                [
                  [label.title, 5.4, true],
                  [label.amount, 7, true],
                  [label.made, 3.2, false],
                  [label.useBy, 4.6, true],
                  [label.more, 3.2, false],
                ].reduce<{ readonly y: number; readonly drawn: readonly React.ReactNode[] }>(
                  ({ y: from, drawn }, [words, points, strong]) => {
                    const px = Math.max(2.4, Number(points) * unit * 1.25);
                    const at = from + px * 1.15;
                    return {
                      y: at,
                      drawn: [
                        ...drawn,
                        <text
                          key={String(points) + String(words)}
                          x={3.5}
                          y={at}
                          fontSize={px}
                          fontWeight={strong ? 700 : 400}
                        >
                          {words}
                        </text>,
                      ],
                    };
                  },
                  { y: 2, drawn: [] },
                ).drawn
              }
              <path
                className="code"
                transform={`translate(${String(wide - code - 3)} ${String((high - code) / 2)}) scale(${String(dot)})`}
                d={dots
                  .map((k) => `M${String(k % modules.size)} ${String(Math.floor(k / modules.size))}h1v1h-1z`)
                  .join('')}
              />
            </g>
          );
        })}
      </svg>
      <figcaption className="quiet">
        {labels.length > first.length
          ? `the first of ${String(Math.ceil(labels.length / (across * down)))} sheets`
          : 'the sheet'}
      </figcaption>
    </figure>
  );
}
