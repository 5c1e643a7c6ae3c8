/**
 * Density of sea water at one atmosphere [kg/m³] at temperature t [°C] and practical salinity S.
 *
 * Valid: −2 to 40 °C, S 0 to 42. Standard error 3.6e-3 kg/m³.
 * Source: Millero and Poisson 1981, Deep-Sea Research 28A, 625 (UNESCO one-atmosphere equation of state).
 */
export function seaWaterDensityKgPm3(temperatureC: number, salinity: number): number {
  const t = temperatureC;
  const S = salinity;
  const fresh =
    999.842594 + t * (6.793952e-2 + t * (-9.09529e-3 + t * (1.001685e-4 + t * (-1.120083e-6 + t * 6.536332e-9))));
  const A = 8.24493e-1 + t * (-4.0899e-3 + t * (7.6438e-5 + t * (-8.2467e-7 + t * 5.3875e-9)));
  const B = -5.72466e-3 + t * (1.0227e-4 + t * -1.6546e-6);
  const C = 4.8314e-4;
  return fresh + A * S + B * S * Math.sqrt(S) + C * S * S;
}
