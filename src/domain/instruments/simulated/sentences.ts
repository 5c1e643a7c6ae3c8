import { degreesOf, knotsOf, positionFields, sentenceOf } from '../nmea';
import type { Moment } from './world';

/** What the boat's instruments send of one second; nothing while they are cut off. */
export function sentencesOf({ atS, readings: r, faults }: Moment, startS: number): readonly string[] {
  if (faults.silent) return [];
  const at = new Date((startS + atS + faults.clockByS) * 1000).toISOString();
  const time = at.slice(11, 19).replaceAll(':', '');
  const date = at.slice(8, 10) + at.slice(5, 7) + at.slice(2, 4);
  const place = positionFields(r.latDeg, r.lonDeg);
  const [sog, cog, heading] = [
    knotsOf(r.sogMps).toFixed(2),
    degreesOf(r.cogRad).toFixed(1),
    degreesOf(r.headingRad).toFixed(1),
  ];
  const lines = [
    sentenceOf('GPRMC', [`${time}.00`, 'A', ...place, sog, cog, date, '', '', 'A']),
    sentenceOf('GPGGA', [`${time}.00`, ...place, 1, '09', '0.9', '0.0', 'M', '0.0', 'M', '', '']),
    sentenceOf('GPVTG', [cog, 'T', '', 'M', sog, 'N', (r.sogMps * 3.6).toFixed(2), 'K', 'A']),
    sentenceOf('VWVHW', [
      heading,
      'T',
      '',
      'M',
      knotsOf(r.waterMps).toFixed(2),
      'N',
      (r.waterMps * 3.6).toFixed(2),
      'K',
    ]),
    sentenceOf('HCHDG', [heading, '', '', '0.0', 'E']),
    sentenceOf('IIMTW', [r.surfaceC.toFixed(2), 'C']),
    sentenceOf('SDDPT', [(r.bottomM - 0.4).toFixed(2), '0.4']),
    sentenceOf('WIMWV', [degreesOf(r.windRad).toFixed(1), 'R', r.windMps.toFixed(1), 'M', 'A']),
    sentenceOf('IIXDR', [
      ...['D', r.probeM.toFixed(2), 'M', 'PROBE_D'],
      ...['C', r.probeC.toFixed(2), 'C', 'PROBE_T'],
      ...['G', knotsOf(r.probeMps).toFixed(3), 'N', 'PROBE_S'],
    ]),
  ];
  // A loose plug: the last character of each line is another.
  return faults.badChecksums ? lines.map((line) => `${line.slice(0, -1)}${line.endsWith('0') ? '1' : '0'}`) : lines;
}
