import { describe, expect, it } from 'vitest';
import { readLine } from './read-line';

const asked = (line: string, known?: Parameters<typeof readLine>[1]) =>
  readLine(line, known).guesses.map(({ path }) => path);

describe('what a line leaves to guess', () => {
  it('is asked: whether a plug floats, how deep its lip digs, what hooks it has', () =>
    expect(asked('crankbait 90 mm')).toEqual(['buoyancy', 'lip', 'hookStations', 'hookStyle']));
  it('is less, the more the packet says', () => {
    expect(asked('floating crankbait deep diving 90 mm')).toEqual(['hookStations', 'hookStyle']);
    expect(asked('worm harness no blade 2 hooks size 2')).toEqual([]);
    expect(asked('snelled hooks 40 cm')).toEqual(['hooks', 'hookSize', 'blade']);
  });
  it('is said by what holds in the place, and by what was chosen', () => {
    expect(asked('5 g', { kinds: ['weight'], usual: { material: 'tungsten' } })).toEqual(['shape']);
    expect(asked('crankbait 90 mm', { chosen: { buoyancy: 'sinks', lip: 'no-lip' } })).toEqual([
      'hookStations',
      'hookStyle',
    ]);
    const { part } = readLine('crankbait 90 mm', { chosen: { buoyancy: 'sinks' } });
    expect(part).toMatchObject({ buoyancy: 'sinks' });
  });
  it('gives way to the line, where the line says it later', () =>
    expect(readLine('floating crankbait 90 mm', { chosen: { buoyancy: 'sinks' } }).part).toMatchObject({
      buoyancy: 'floats',
    }));
});

describe('a line where several kinds could stand', () => {
  it('is one of them', () =>
    expect(readLine('nightcrawler 12 cm', { kinds: ['natural-bait', 'soft-bait'] }).kind).toBe('natural-bait'));
  it('is nothing where it names another', () =>
    expect(readLine('reel 6:1', { kinds: ['natural-bait', 'soft-bait'] })).toMatchObject({ part: null, kind: null }));
});
