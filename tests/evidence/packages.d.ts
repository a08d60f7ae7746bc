// A reference package that comes without types.
declare module 'ml-regression-theil-sen' {
  export class TheilSenRegression {
    constructor(x: number[], y: number[]);
    slope: number;
  }
}
