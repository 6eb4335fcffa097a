/** The functions of the statistics package that are used here. */
declare module 'jstat' {
  export const centralF: {
    /** Share of the F distribution with these degrees of freedom at or below x. */
    cdf(x: number, df1: number, df2: number): number;
  };
  export const normal: {
    /** Share of the normal distribution at or below x. */
    cdf(x: number, mean: number, std: number): number;
    /** The x at or below which that share lies. */
    inv(share: number, mean: number, std: number): number;
    /** The density of the normal distribution at x. */
    pdf(x: number, mean: number, std: number): number;
  };
  export const studentt: {
    /** The x at or below which that share of Student's t distribution lies. */
    inv(share: number, dof: number): number;
  };
}
