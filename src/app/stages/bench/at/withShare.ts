/** A step with a share of something, or without it where none is written. */
export const withShare =
  <K extends string>(key: K, share: number | undefined) =>
  <S extends { readonly [key in K]?: number | undefined }>(step: S): S => {
    const { [key]: _, ...rest } = step;
    // Its own key alone was taken out and may be put back.
    return (share === undefined ? rest : { ...rest, [key]: share }) as S;
  };
