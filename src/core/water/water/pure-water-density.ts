/**
 * Density of air-free pure water at one atmosphere [kg/m³] at temperature t [°C].
 *
 * Valid: 0 to 150 °C liquid; supercooled values extrapolate smoothly. Standard error 1e-3 kg/m³.
 * Source: Kell 1975, J. Chem. Eng. Data 20, 97, equation 16.
 */
export function pureWaterDensityKgPm3(temperatureC: number): number {
  const t = temperatureC;
  const numerator =
    999.83952 + t * (16.945176 + t * (-7.9870401e-3 + t * (-46.170461e-6 + t * (105.56302e-9 + t * -280.54253e-12))));
  return numerator / (1 + 16.87985e-3 * t);
}
