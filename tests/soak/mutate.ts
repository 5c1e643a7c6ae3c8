import { one, type Random } from './examples';

type Path = readonly (string | number)[];

const ODD: readonly unknown[] = [
  0,
  -0,
  -1,
  1,
  1e-300,
  1e-9,
  1e-3,
  1e3,
  1e9,
  1e300,
  -1e300,
  5e-324,
  0.1 + 0.2,
  2 ** 53,
  null,
  true,
  false,
  '',
  'x',
  '30',
  '\ud800',
  '\0',
  '__proto__',
  [],
  {},
  [[]],
  [null],
  { value: 1 },
  'é'.repeat(300),
];

/** The input with one to three things in it changed: what a hand, a script or an enemy would send. */
export function mutated(input: unknown, random: Random): unknown {
  let next = structuredClone(input);
  for (let times = 1 + Math.floor(random() * 3); times > 0; times--) next = onceMutated(next, random);
  return next;
}

function onceMutated(input: unknown, random: Random): unknown {
  const paths: Path[] = [];
  collect(input, [], paths);
  const path = one(paths, random);
  const odd = () => structuredClone(one(ODD, random));
  const dice = random();
  return at(input, path, (value, remove) => {
    if (typeof value === 'number' && dice < 0.6) {
      if (dice < 0.2) return value * 10 ** Math.round(random() * 12 - 6);
      if (dice < 0.4) return value * (1 + (random() - 0.5) * 0.2);
      return dice < 0.5
        ? -value
        : one(
            ODD.filter((odd) => typeof odd === 'number'),
            random,
          );
    }
    if (dice < 0.72) return odd();
    if (dice < 0.82) return remove;
    if (Array.isArray(value)) {
      if (dice < 0.88) return [...value, ...value];
      if (dice < 0.93) return [...value].reverse();
      return value.slice(1);
    }
    if (typeof value === 'object' && value !== null) {
      if (dice < 0.9) return { ...value, [one(['extra', 'kind', 'toString', 'length'], random)]: odd() };
      if (dice < 0.95) return nested(60);
    }
    return odd();
  });
}

const REMOVE = Symbol('remove');

const nested = (depth: number): unknown => (depth === 0 ? 1 : { deeper: nested(depth - 1) });

function collect(value: unknown, path: Path, into: Path[]): void {
  into.push(path);
  if (typeof value !== 'object' || value === null || into.length > 4000 || path.length > 40) return;
  for (const [key, inner] of Object.entries(value))
    collect(inner, [...path, Array.isArray(value) ? Number(key) : key], into);
}

function at(root: unknown, path: Path, change: (value: unknown, remove: symbol) => unknown): unknown {
  const [key, ...rest] = path;
  if (key === undefined) {
    const changed = change(root, REMOVE);
    return changed === REMOVE ? undefined : changed;
  }
  const holder = root as Record<string | number, unknown>;
  const changed = rest.length === 0 ? change(holder[key], REMOVE) : at(holder[key], rest, change);
  if (changed !== REMOVE) holder[key] = changed;
  else if (Array.isArray(holder)) holder.splice(Number(key), 1);
  else delete holder[key];
  return root;
}
