/** jStat ships no types; the measurement asks only for its normal sampler. */
declare module 'jstat' {
  const jstat: { readonly jStat: { readonly normal: { sample(mean: number, spread: number): number } } };
  export default jstat;
}
