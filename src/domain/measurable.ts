import type { UncertainInput } from './uncertain-input';
import type { Setup } from '@/core/tackle';
import { guideFor, guidesOf, type Guide } from './guides';
import type { Measurement } from './measurement';
import type { PartKind } from './parts';

/** The guide that would narrow it, and for which part; null where nothing at this bench can. */
export function measurableBy(input: UncertainInput, { parts }: Pick<Setup, 'parts'>): Measurement | null {
  if (input.kind === 'part') {
    const guide = guideFor(input.part, input.field);
    return guide ? { partId: input.partId, guide, field: input.field } : null;
  }
  const [table, row, ...field] = input.figure.split('.');
  const rule = CLASS_GUIDES.find(
    (each) =>
      each.table === table &&
      (each.field === undefined || each.field === field.at(-1)) &&
      (each.rows === undefined || each.rows.includes(row!)),
  );
  const part =
    rule &&
    parts.find(
      (each) =>
        rule.kinds.includes(each.kind) &&
        (rule.rowIs === undefined || (each as unknown as Record<string, unknown>)[rule.rowIs] === row),
    );
  return part && guidesOf(part.kind).includes(rule.guide)
    ? { partId: part.id, guide: rule.guide, field: rule.measures ?? null }
    : null;
}

interface ClassGuide {
  readonly table: string;
  readonly field?: string;
  /** only these rows of the table */
  readonly rows?: readonly string[];
  readonly kinds: readonly PartKind[];
  /** the field of the part that names the row */
  readonly rowIs?: string;
  readonly guide: Guide;
  /** the field that the guide would fill */
  readonly measures?: string;
}

/** A measurement of the part takes the place of the class figure that stood for it. */
const CLASS_GUIDES: readonly ClassGuide[] = [
  { table: 'lineMaterials', field: 'modulusPa', kinds: ['line'], rowIs: 'material', guide: 'line-test' },
  {
    table: 'lineMaterials',
    field: 'strengthPa',
    kinds: ['line'],
    rowIs: 'material',
    guide: 'calliper',
    measures: 'diameterM',
  },
  { table: 'knots', kinds: ['knot'], rowIs: 'pattern', guide: 'pull-test' },
  { table: 'tails', kinds: ['soft-bait'], rowIs: 'tail', guide: 'sink-test' },
  { table: 'frontal', kinds: ['weight'], rowIs: 'shape', guide: 'sink-test' },
  { table: 'materials', kinds: ['soft-bait'], rowIs: 'material', guide: 'float-test' },
  { table: 'buoyancy', kinds: ['hard-lure'], rowIs: 'buoyancy', guide: 'float-test' },
  { table: 'towed', rows: ['lipped'], kinds: ['hard-lure'], guide: 'dive-test' },
  { table: 'towed', rows: ['spoon'], kinds: ['spoon'], guide: 'dive-test' },
  { table: 'lips', kinds: ['hard-lure'], rowIs: 'lip', guide: 'dive-test' },
  { table: 'planes', rows: ['set'], kinds: ['diving-plane'], guide: 'dive-test' },
  { table: 'setWays', kinds: ['rod'], guide: 'set-test' },
];
