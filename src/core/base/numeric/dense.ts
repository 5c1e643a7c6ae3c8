import { CholeskyDecomposition, Matrix } from 'ml-matrix';

/**
 * What least squares makes of readings, for columns that stay the same: `fit(y)` gives the b that bring X·b nearest to y.
 *
 * Model: (XᵀX)⁻¹Xᵀ by Cholesky, worked out once. Rows of X are readings, columns inputs; they must be independent.
 */
export function fitter(rows: readonly (readonly number[])[]): (y: readonly number[]) => readonly number[] {
  const X = new Matrix(rows.map((row) => [...row]));
  const Xt = X.transpose();
  const P = new CholeskyDecomposition(Xt.mmul(X)).solve(Xt);
  return (y) => P.mmul(Matrix.columnVector([...y])).getColumn(0);
}
