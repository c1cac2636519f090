import { useCallback } from 'react';
import { db } from '../browser/db.ts';
import css from './photo.module.scss';
import { useStored } from '../browser/useStored.ts';

/** The picture of a batch, where one was taken; it lies in this browser alone. */
export function Photo({ batch, name }: { readonly batch: string; readonly name: string }) {
  const row = useStored(['photo', batch], () => db.photos.get(batch));
  const picture = row?.picture;
  const show = useCallback(
    (img: HTMLImageElement | null) => {
      if (!img || !picture) return undefined;
      const url = URL.createObjectURL(picture);
      img.src = url;
      return () => URL.revokeObjectURL(url);
    },
    [picture],
  );
  return picture ? <img ref={show} className={css.photo} alt={`${name}, as it was served`} /> : null;
}
