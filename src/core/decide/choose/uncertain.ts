import { CLASS_FIGURES, classesWith, watched, type ClassTable } from '../../tackle/defaults/classes';
import { CLASS_SPREAD, CLASS_SPREADS, EXACT_CLASS_FIGURES, SHARE_TABLES } from '../../tackle/defaults/class-spreads';
import { ROD_CLASS_SPREAD } from '../../tackle/defaults/rod-classes';
import { evaluate } from '../../judge';
import { quantitiesOf, spreadOf } from '../../base/quantity';
import { resolveRod, statedPower, EMPTY_HOUSE, type Part, type RodPart, type Setup } from '../../tackle';
import { rodOf } from '../../rig';
import type { Uncertain } from './ranges';

export interface UncertainSetup {
  /** the setup with everything that is uncertain standing at a path of its own */
  readonly setup: Setup;
  readonly uncertain: readonly Uncertain[];
}

/** Figures of a part that no verdict hangs on, however little they are known. */
const IDLE = new Set(['price', 'left', 'lineLoN', 'clutchMinN', 'clutchAtZeroN', 'clutchPerMarkN']);

/**
 * Everything that a setup's verdicts hang on and that is known only so well: each quantity of its parts with its own spread,
 * and each class figure that an evaluation reads.
 *
 * A rod that was not hung is put in as the taper that its label stands for, rigidity and taper each with its class spread. What
 * is chosen (distance, sweep, clutch, depth) is taken as it is.
 */
export function uncertainOf(given: Setup): UncertainSetup {
  const classes = classesWith(given.house?.classes);
  const parts = given.parts.map((part) => (part.kind === 'rod' ? withTaper(part, classes) : part));
  const read = new Set<string>();
  evaluate(
    { ...given, parts },
    watched(classes, (path) => read.add(path)),
  );
  const figures = CLASS_FIGURES.filter(
    ({ path, table, row, field }) =>
      read.has(path) && !EXACT_CLASS_FIGURES.includes(path) && classSpread(table, row, field) > 0,
  );
  const house = given.house ?? EMPTY_HOUSE;
  const values = Object.fromEntries(figures.map(({ path, value }) => [path, house.classes[path] ?? value]));
  return {
    setup: { ...given, parts, house: { ...house, classes: { ...house.classes, ...values } } },
    uncertain: [
      ...inChainOrder({ ...given, parts }).flatMap(([part, i]) =>
        quantitiesOf(part)
          .sort(([a], [b]) => (a < b ? -1 : 1))
          .filter(([path, { value }]) => value !== 0 && !IDLE.has(path.split('.')[0]!))
          .map(([path, quantity]): Uncertain => ({
            path: `parts[${i}].${path}.value`,
            relativeSd: spreadOf(quantity),
            ...(quantity.unit === '1' && quantity.value <= 1 ? { most: 1 } : {}),
          })),
      ),
      ...figures.map(({ path, table, row, field }): Uncertain => ({
        path: `house.classes[${path}]`,
        relativeSd: classSpread(table, row, field),
        ...(SHARE_TABLES.includes(table) ? { most: 1 } : {}),
      })),
    ],
  };
}

/** Parts with their places in the list, as the chain has them: a file that lists them otherwise gives the same draws. */
function inChainOrder({ chain, parts }: Setup): readonly (readonly [Part, number])[] {
  const ids = [...new Set(chain.map(({ partId }) => partId))];
  return ids.map((id) => parts.findIndex((part) => part.id === id)).map((i) => [parts[i]!, i] as const);
}

/** The spread of a class figure: that of its row, of its field, or a quarter; 0 where nothing is uncertain. */
function classSpread(table: ClassTable, row: string, field: string): number {
  const name = field.split('.').at(-1)!;
  const spreads = CLASS_SPREADS[table];
  if (spreads === null || name === 'spread') return 0;
  return (
    CLASS_FIGURES.find((each) => each.table === table && each.row === row && each.field === 'spread')?.value ??
    spreads?.[name] ??
    CLASS_SPREAD
  );
}

function withTaper(part: RodPart, classes: ReturnType<typeof classesWith>): Part {
  if (part.stiffness.kind === 'taper') return part;
  const { buttEiNm2, tipRatio } = resolveRod(rodOf(part, classes));
  const { spread } = statedPower(part, classes)!;
  return {
    ...part,
    stiffness: {
      kind: 'taper',
      buttEiNm2: { value: buttEiNm2, unit: 'N·m²', provenance: 'class', spread },
      tipRatio: { value: tipRatio, unit: '1', provenance: 'class', spread: ROD_CLASS_SPREAD.tipRatio },
    },
  };
}
