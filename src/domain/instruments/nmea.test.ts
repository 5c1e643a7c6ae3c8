import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checksumOf, degreesOf, knotsOf, positionFields, readSentence, sentenceOf, type Sentence } from './nmea';

const said = (read: Sentence) =>
  read.kind === 'read' ? Object.fromEntries(read.said.map(({ source, value }) => [source, value])) : read;
const of = (address: string, ...fields: (string | number)[]) => said(readSentence(sentenceOf(address, fields)));

describe('readSentence', () => {
  it.each([
    [
      'VTG',
      of('GPVTG', '54.7', 'T', '34.4', 'M', '5.5', 'N', '10.2', 'K', 'A'),
      { 'VTG.course': 0.9547, 'VTG.speed': 2.8294 },
    ],
    ['VTG by kilometres alone', of('GPVTG', '', 'T', '', 'M', '', 'N', '3.6', 'K'), { 'VTG.speed': 1 }],
    ['VTG that is not valid', of('GPVTG', '54.7', 'T', '', 'M', '5.5', 'N', '', 'K', 'N'), {}],
    [
      'RMC',
      of('GPRMC', '043001', 'A', '4630.0000', 'N', '03812.0000', 'W', '2.0', '90.0', '140626', '', ''),
      { 'RMC.latitude': 46.5, 'RMC.longitude': -38.2, 'RMC.speed': 1.0289, 'RMC.course': 1.5708 },
    ],
    ['RMC without a fix', of('GPRMC', '043001', 'V', '', '', '', '', '', '', '140626', '', ''), {}],
    [
      'GGA',
      of('GPGGA', '043001', '4630.6', 'S', '00730.0', 'E', '1', '08'),
      { 'GGA.latitude': -46.51, 'GGA.longitude': 7.5 },
    ],
    ['GGA without a fix', of('GPGGA', '043001', '4630.6', 'S', '00730.0', 'E', '0', '08'), {}],
    ['VHW', of('VWVHW', '180.0', 'T', '', 'M', '2.0', 'N', '', 'K'), { 'VHW.heading': 3.1416, 'VHW.speed': 1.0289 }],
    ['HDG with variation', of('HCHDG', '350.0', '5.0', 'E', '10.0', 'E'), { 'HDG.heading': 0.0873 }],
    ['HDG without', of('HCHDG', '10.0', '', '', '', ''), { 'HDG.magnetic': 0.1745 }],
    ['MTW', of('IIMTW', '11.2', 'C'), { 'MTW.temperature': 11.2 }],
    ['MTW in Fahrenheit', of('IIMTW', '50.0', 'F'), { 'MTW.temperature': 10 }],
    ['DPT with the transducer below the surface', of('SDDPT', '12.0', '0.4'), { 'DPT.depth': 12.4 }],
    ['DPT with the keel below the transducer', of('SDDPT', '12.0', '-0.6'), { 'DPT.depth': 12 }],
    ['DBT', of('SDDBT', '39.4', 'f', '', 'M', '', 'F'), { 'DBT.depth': 12.0091 }],
    ['MWV apparent', of('WIMWV', '45.0', 'R', '10.0', 'N', 'A'), { 'MWV.angle': 0.7854, 'MWV.speed': 5.1444 }],
    ['MWV true', of('WIMWV', '45.0', 'T', '36.0', 'K', 'A'), { 'MWV.trueAngle': 0.7854, 'MWV.trueSpeed': 10 }],
    ['MWV that is not valid', of('WIMWV', '45.0', 'R', '10.0', 'N', 'V'), {}],
    [
      'XDR of a probe',
      of('IIXDR', 'D', '18.4', 'M', 'PROBE_D', 'C', '8.4', 'C', 'PROBE_T', 'G', '2.1', 'N', 'PROBE_S'),
      { 'XDR.PROBE_D': 18.4, 'XDR.PROBE_T': 8.4, 'XDR.PROBE_S': 2.1 },
    ],
    ['XDR with a place left empty', of('IIXDR', 'D', '', 'M', 'PROBE_D', 'C', '8.4', 'C', ''), {}],
  ])('%s', (_name, read, wanted) => {
    expect(Object.keys(read)).toEqual(Object.keys(wanted));
    for (const [source, value] of Object.entries(wanted)) expect((read as never)[source]).toBeCloseTo(value, 3);
  });

  it('gives the clock of RMC', () =>
    expect(readSentence(sentenceOf('GPRMC', ['043001.50', 'V', '', '', '', '', '', '', '140626']))).toMatchObject({
      clockS: Date.UTC(2026, 5, 14, 4, 30, 1, 500) / 1000,
    }));

  it.each([
    ['', 'not-a-sentence'],
    ['hello', 'not-a-sentence'],
    ['$GP', 'not-a-sentence'],
    [`$GPVTG,${'1'.repeat(300)}`, 'too-long'],
    ['$IIMTW,11.2,C', 'no-checksum'],
    ['$IIMTW,11.2,C*00', 'checksum'],
    [sentenceOf('IIMTW', ['warm', 'C']), 'figure'],
    [sentenceOf('GPRMC', ['', 'A', '4670.0', 'N', '03812.0', 'W']), 'figure'],
    [sentenceOf('WIMWV', ['45', 'R', '3', 'X', 'A']), 'figure'],
  ])('names what is wrong with %s', (line, why) => expect(readSentence(line)).toMatchObject({ kind: 'bad', why }));

  it('counts what it does not use as unknown, and takes a missing checksum where that is allowed', () => {
    expect(readSentence(sentenceOf('GPGSV', ['3', '1', '11']))).toEqual({ kind: 'unknown', type: 'GSV' });
    expect(readSentence(sentenceOf('PXYZ', ['1']))).toEqual({ kind: 'unknown', type: 'PXYZ' });
    expect(readSentence('!AIVDM,1,1,,A,x,0*00', false)).toMatchObject({ kind: 'bad', why: 'checksum' });
    expect(said(readSentence('$IIMTW,11.2,C', false))).toEqual({ 'MTW.temperature': 11.2 });
  });

  it('never throws, whatever comes', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 240 }), fc.boolean(), (line, needs) => {
        expect(['read', 'unknown', 'bad']).toContain(readSentence(line, needs).kind);
      }),
    ));

  it('never throws on fields of its own types', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('GPVTG', 'GPRMC', 'GPGGA', 'VWVHW', 'HCHDG', 'IIMTW', 'SDDPT', 'SDDBT', 'WIMWV', 'IIXDR'),
        fc.array(fc.stringMatching(/^[ -+--~]{0,8}$/), { maxLength: 16 }),
        (address, fields) => {
          expect(['read', 'bad']).toContain(readSentence(sentenceOf(address, fields)).kind);
        },
      ),
    ));

  it('one wrong character anywhere is noticed', () =>
    fc.assert(
      fc.property(fc.nat({ max: 30 }), fc.constantFrom('0', '5', 'X', ','), (at, other) => {
        const line = sentenceOf('IIXDR', ['D', '18.4', 'M', 'PROBE_D', 'C', '8.4', 'C', 'P']);
        const i = 1 + (at % (line.length - 4));
        if (line[i] === other || line[i] === '*') return;
        expect(readSentence(line.slice(0, i) + other + line.slice(i + 1)).kind).toBe('bad');
      }),
    ));

  it('reads the position that it writes', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -90, max: 90, noNaN: true }),
        fc.double({ min: -179.99999, max: 180, noNaN: true }),
        (lat, lon) => {
          const read = of('GPGGA', '', ...positionFields(lat, lon), '1') as Record<string, number>;
          expect(read['GGA.latitude']).toBeCloseTo(lat, 6);
          expect(read['GGA.longitude']).toBeCloseTo(lon, 6);
        },
      ),
    ));

  it('has the checksum of the standard', () => {
    expect(checksumOf('GPGLL,5300.97914,N,00259.98174,E,125926,A')).toBe('28');
    expect(knotsOf(1852 / 3600)).toBeCloseTo(1, 12);
    expect(degreesOf(-Math.PI / 2)).toBeCloseTo(270, 9);
  });
});
