declare module 'jstat' {
  const jStat: {
    readonly gammaln: (x: number) => number;
    readonly gamma: { readonly inv: (p: number, shape: number, scale: number) => number };
    readonly normal: {
      readonly inv: (p: number, mean: number, sd: number) => number;
      readonly cdf: (x: number, mean: number, sd: number) => number;
    };
  };
  export default jStat;
}
