declare module 'jstat' {
  const jStat: {
    readonly normal: {
      readonly inv: (p: number, mean: number, sd: number) => number;
      readonly cdf: (x: number, mean: number, sd: number) => number;
    };
  };
  export default jStat;
}
