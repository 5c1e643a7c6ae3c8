import { beforeAll, expect, it } from 'vitest';
import { loadMixedInteger } from '@/core/base/numeric';
import { MODELS } from '@/cli/models';
import { fuzzOnce } from '../soak/fuzz-round';
import { IMPORTERS } from '../soak/importers';

/** A part of `npm run soak -- fuzz`, which takes a hundred thousand. */
const ROUNDS = 12;

beforeAll(() => loadMixedInteger());

it.each([...MODELS, ...IMPORTERS])('$name answers or refuses whatever it is asked', (model) => {
  const results = Array.from({ length: ROUNDS }, (_, seed) => fuzzOnce(model, seed));
  // How long one takes depends on what else the machine does; the long run looks at that.
  expect(results.filter((result) => 'what' in result && result.what !== 'slow')).toEqual([]);
});
