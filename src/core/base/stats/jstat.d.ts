declare module 'jstat' {
  const jStat: {
    readonly gammaln: (x: number) => number;
    readonly studentt: { inv(p: number, freedom: number): number };
    gamma: { readonly inv: (p: number, shape: number, scale: number) => number };
    readonly studentt: { readonly inv: (p: number, freedom: number) => number };
    readonly normal: {
      readonly inv: (p: number, mean: number, sd: number) => number;
      readonly cdf: (x: number, mean: number, sd: number) => number;
    };
  };
  export default jStat;
}
