import boldUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import regularUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';

export interface PaperFonts {
  readonly regular: Uint8Array;
  readonly bold: Uint8Array;
}

/** The two faces of what is printed. */
export async function paperFonts(): Promise<PaperFonts> {
  const [regular, bold] = await Promise.all(
    [regularUrl, boldUrl].map((url) => fetch(url).then(async (r) => new Uint8Array(await r.arrayBuffer()))),
  );
  if (!regular || !bold) throw new Error('The fonts for paper are not there.');
  return { regular, bold };
}

export const asPdf = (bytes: Uint8Array): Blob =>
  new Blob([bytes.slice().buffer], { type: 'application/pdf' });
