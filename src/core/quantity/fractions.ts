const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** A text with "½" as " 1/2". */
export const withFractions = (text: string): string =>
  text.replace(/[½¼¾⅓⅔⅛⅜⅝⅞]/g, (sign) => ` ${VULGAR[sign] ?? ''}`);

const SIGNS = new Map(Object.entries(VULGAR).map(([sign, text]) => [text, sign]));
/** The same the other way: "1 1/2" as "1½". */
export const withSigns = (text: string): string =>
  text
    .replace(/(\d )?\b(\d\/\d)\b/g, (all, whole: string | undefined, part: string) => {
      const sign = SIGNS.get(part);
      return sign === undefined ? all : `${whole?.trim() ?? ''}${sign}`;
    })
    .replace(/([–-]) (?=[½¼¾⅓⅔⅛⅜⅝⅞])/g, '$1');
