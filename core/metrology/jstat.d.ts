/** The one function of the statistics package that is used here. */
declare module 'jstat' {
  export const centralF: {
    /** Share of the F distribution with these degrees of freedom at or below x. */
    cdf(x: number, df1: number, df2: number): number;
  };
}
