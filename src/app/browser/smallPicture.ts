/** A picture is kept no larger than this to a side, px: a dozen of them are a megabyte. */
const SIDE = 640;
const QUALITY = 0.8;

/**
 * A picture made small, as JPEG.
 * @throws if it is none that the browser can read
 */
export async function smallPicture(file: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(file);
  const scale = Math.min(1, SIDE / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return new Promise((resolve, reject) => {
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('it could not be written'))),
      'image/jpeg',
      QUALITY,
    );
  });
}
