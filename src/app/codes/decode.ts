import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';
import wasm from 'zxing-wasm/reader/zxing_reader.wasm?url';

let ready: Promise<unknown> | undefined;

/** The bytes of a code in a picture; undefined where there is none that can be read. Its program comes from here. */
export async function bytesIn(picture: ImageData): Promise<Uint8Array | undefined> {
  ready ??= prepareZXingModule({ overrides: { locateFile: () => wasm }, fireImmediately: true });
  await ready;
  const [found] = await readBarcodes(picture, { formats: ['QRCode'], maxNumberOfSymbols: 1 });
  return found?.isValid === true ? found.bytes : undefined;
}
