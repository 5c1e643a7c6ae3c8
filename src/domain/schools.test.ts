import { expect, it } from 'vitest';
import { SCHOOLS, type SchoolId } from '@/core/tackle/defaults/schools';
import { evaluate } from '@/core/judge';
import { EMPTY_HOUSE, type House, type Setup } from '@/core/tackle';
import { demoFiles } from '../../tests/helpers/demo';
import { RIG_IDS } from './rigs';
import { sampleOf } from './sample-rig';
import { startGear } from './start-setup';
import { usualPresentation } from './usual-presentation';

/** Which questions a piece of work asks of the house. */
function askedBy(work: (schools: House['schools']) => unknown): ReadonlySet<string> {
  const asked = new Set<string>();
  work(
    new Proxy<House['schools']>(
      {},
      {
        get: (_, school) => {
          asked.add(String(school));
          return undefined;
        },
      },
    ),
  );
  return asked;
}

it('every house rule moves a check, a default or a figure, or is marked as a reminder', () => {
  const setups: readonly Setup[] = [...demoFiles.map(({ file }) => file), ...RIG_IDS.map((rig) => sampleOf(rig))];
  const asked = new Set([
    ...setups.flatMap((setup) => [
      ...askedBy((schools) => evaluate({ ...setup, house: { ...(setup.house ?? EMPTY_HOUSE), schools } })),
    ]),
    ...askedBy((schools) => {
      const { parts, chain } = sampleOf('plug');
      usualPresentation('plug', parts, chain, schools);
    }),
    ...askedBy((schools) => startGear('downrigger', 20, schools)),
  ]);
  const moving = (Object.keys(SCHOOLS) as SchoolId[]).filter((school) => !('reminder' in SCHOOLS[school]));
  expect(moving.filter((school) => !asked.has(school))).toEqual([]);
  expect(
    (Object.keys(SCHOOLS) as SchoolId[]).filter((school) => 'reminder' in SCHOOLS[school] && asked.has(school)),
  ).toEqual([]);
});
