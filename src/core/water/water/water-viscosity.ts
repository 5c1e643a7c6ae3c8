/**
 * Dynamic viscosity of fresh or sea water [Pa·s] at temperature t [°C] and practical salinity.
 *
 * Model: pure-water fit times a salinity factor; the source's S is a mass fraction, salinity / 1000 here.
 * Valid: 0 to 180 °C, 0 to 0.15 kg/kg, within 1.5 %; down to −2 °C it extrapolates smoothly.
 * Source: Sharqawy, Lienhard, Zubair 2010, Desalination and Water Treatment 16, 354, equations 22 and 23.
 */
export function waterViscosityPaS(temperatureC: number, salinity: number): number {
  const t = temperatureC;
  const S = salinity / 1000;
  const pure = 4.2844e-5 + 1 / (0.157 * (t + 64.993) ** 2 - 91.296);
  const A = 1.541 + t * (1.998e-2 + t * -9.52e-5);
  const B = 7.974 + t * (-7.561e-2 + t * 4.724e-4);
  return pure * (1 + S * (A + S * B));
}
