/** Result of a small least-squares search. */
export interface LeastSquares {
  x: number[];
  cost: number;
}

/** Solves A d = b for a small symmetric positive matrix by Cholesky; returns null when it is not positive. */
function solvePositive(A: number[][], b: number[]): number[] | null {
  const n = b.length;
  const L = A.map((row) => [...row]);
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = L[i]![j]!;
      for (let k = 0; k < j; k++) sum -= L[i]![k]! * L[j]![k]!;
      if (i === j) {
        if (sum <= 0) return null;
        L[i]![i] = Math.sqrt(sum);
      } else L[i]![j] = sum / L[j]![j]!;
    }
  const x = [...b];
  for (let i = 0; i < n; i++) {
    for (let k = 0; k < i; k++) x[i]! -= L[i]![k]! * x[k]!;
    x[i]! /= L[i]![i]!;
  }
  for (let i = n - 1; i >= 0; i--) {
    for (let k = i + 1; k < n; k++) x[i]! -= L[k]![i]! * x[k]!;
    x[i]! /= L[i]![i]!;
  }
  return x;
}

/**
 * Levenberg-Marquardt with forward differences: minimises the sum of squares of `residuals`.
 * `stepOf` is the differencing step of each unknown; small ones keep a
 * mirrored problem mirrored. Stops when a step gains less than `enough`.
 */
export function leastSquares(
  residuals: (x: readonly number[]) => number[],
  start: readonly number[],
  stepOf: readonly number[],
  maxIterations: number,
  enough: number,
): LeastSquares {
  const n = start.length;
  let x = [...start];
  let r = residuals(x);
  let cost = sumOfSquares(r);
  let damping = 1e-4;
  for (let iteration = 0; iteration < maxIterations; iteration++) {
    const columns: number[][] = [];
    for (let i = 0; i < n; i++) {
      const h = stepOf[i]!;
      const probe = [...x];
      probe[i] = x[i]! + h;
      columns.push(residuals(probe).map((v, k) => (v - r[k]!) / h));
    }
    const A = columns.map((a) => columns.map((b) => product(a, b)));
    const g = columns.map((a) => product(a, r));
    let improved = false;
    let gain = 0;
    for (let tries = 0; tries < 8 && !improved; tries++) {
      const damped = A.map((row, i) => row.map((v, j) => (i === j ? v * (1 + damping) + 1e-12 : v)));
      const d = solvePositive(
        damped,
        g.map((v) => -v),
      );
      if (d) {
        const next = x.map((v, i) => v + d[i]!);
        const nextR = residuals(next);
        const nextCost = sumOfSquares(nextR);
        if (nextCost < cost) {
          gain = cost - nextCost;
          x = next;
          r = nextR;
          cost = nextCost;
          damping = Math.max(1e-7, damping * 0.2);
          improved = true;
          break;
        }
      }
      damping *= 6;
    }
    if (!improved || gain < enough) break;
  }
  return { x, cost };
}

function product(a: readonly number[], b: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
}

function sumOfSquares(a: readonly number[]): number {
  return product(a, a);
}
