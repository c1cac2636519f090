import { create } from 'qrcode';
import { codeWords, type LabelSize, labelSizes, type LabelText, linesOf } from '../../paper/label.ts';
import css from './keep.module.scss';

interface Props {
  readonly labels: readonly LabelText[];
  readonly size: LabelSize;
}

/** Width of a sign, of its size, and lines that stand above what it contains (estimates). */
const SIGN = 0.52;
const ABOVE = 0.58;

/** A line of a label: its words, how large they are, mm, and whether they are bold. */
type LabelLine = readonly [words: string, px: number, strong: boolean];

/** The smallest letters that can be read, mm. */
const SMALLEST = 1.4;

/** What it contains in as many lines as it takes, smaller where there are many: it is never cut. */
function moreLines(more: string, wide: number, high: number, most: number): readonly LabelLine[] {
  const at = (px: number) => linesOf(more, Math.floor((wide - 8) / (px * SIGN)));
  let px = most;
  while (px > SMALLEST && at(px).length * px * 1.15 > high * (1 - ABOVE)) px -= 0.1;
  return at(px).map((line): LabelLine => [line, px, false]);
}

/** As the paper does: what does not fit ends in an ellipsis; the code beside it has all of it. */
const cut = (words: string, signs: number): string =>
  words.length <= signs ? words : `${words.slice(0, Math.max(1, signs - 1))}…`;

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
          const sizeOf = (points: number) => Math.max(2.4, (points * 1.25 * high) / 68);
          const lineOf = (words: string, points: number, strong: boolean): LabelLine => {
            const px = sizeOf(points);
            return [cut(words, Math.floor((wide - code - 8) / (px * SIGN))), px, strong];
          };
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
                  lineOf(label.title, 5.4, true),
                  lineOf(label.amount, 7, true),
                  lineOf(label.made, 3.2, false),
                  lineOf(label.useBy, 4.6, true),
                  ...moreLines(label.more, wide - code, high, sizeOf(3.2)),
                ].reduce<{ readonly y: number; readonly drawn: readonly React.ReactNode[] }>(
                  ({ y: from, drawn }, [words, px, strong]) => {
                    const at = from + px * 1.15;
                    return {
                      y: at,
                      drawn: [
                        ...drawn,
                        <text
                          key={`${String(from)} ${words}`}
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
