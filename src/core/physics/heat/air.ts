/** Dry air at 1 atm: k W/(m·K), ν and α in m²/s. */
export interface Air {
  k: number;
  nu: number;
  alpha: number;
}

/* prettier-ignore */
const KELVIN = Float64Array.of(250, 300, 350, 400, 450, 500, 550, 600, 650, 700, 750, 800, 900, 1000, 1200);
/* prettier-ignore */
const K = Float64Array.of(22.3, 26.3, 30.0, 33.8, 37.3, 40.7, 43.9, 46.9, 49.7, 52.4, 54.9, 57.3, 62.0, 66.7, 76.3);
/* prettier-ignore */
const NU = Float64Array.of(11.44, 15.89, 20.92, 26.41, 32.39, 38.79, 45.57, 52.69, 60.21, 68.1, 76.37, 84.93, 102.9, 121.9, 162.9);
/* prettier-ignore */
const ALPHA = Float64Array.of(15.9, 22.5, 29.9, 38.3, 47.2, 56.7, 66.7, 76.9, 87.3, 98.0, 109, 120, 143, 168, 224);
const LAST = KELVIN.length - 1;

/**
 * Properties of dry air at `kelvin`, written into `out` (a hot loop's buffer) and returned.
 * Linear in the table, flat beyond 250–1200 K. Source: Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, table A.4.
 */
export function airAt(kelvin: number, out: Air): Air {
  let i = 1;
  let f = 0;
  if (kelvin >= KELVIN[LAST]!) {
    i = LAST;
    f = 1;
  } else if (kelvin > KELVIN[0]!) {
    while (KELVIN[i]! < kelvin) i++;
    f = (kelvin - KELVIN[i - 1]!) / (KELVIN[i]! - KELVIN[i - 1]!);
  }
  out.k = (K[i - 1]! + f * (K[i]! - K[i - 1]!)) * 1e-3;
  out.nu = (NU[i - 1]! + f * (NU[i]! - NU[i - 1]!)) * 1e-6;
  out.alpha = (ALPHA[i - 1]! + f * (ALPHA[i]! - ALPHA[i - 1]!)) * 1e-6;
  return out;
}
