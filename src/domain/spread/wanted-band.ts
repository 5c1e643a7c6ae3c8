import type { SetupFiles } from './solve';
import type { SpreadDocument, SpreadLineDocument } from './spread';

export interface DepthBand {
  readonly fromM: number;
  readonly toM: number;
}

/** Where a line is wanted: as it was said for it, from the surface or the break, else as its setup has it; null: nowhere yet. */
export function wantedBand(
  line: Pick<SpreadLineDocument, 'wants'>,
  { breakM }: Pick<SpreadDocument, 'breakM'>,
  presentation: SetupFiles[string]['presentation'] | undefined,
): DepthBand | null {
  const { wants } = line;
  if (wants?.of === 'surface') return { fromM: wants.fromM, toM: wants.toM };
  if (wants)
    return breakM === undefined
      ? null
      : { fromM: Math.max(0, breakM + wants.fromM), toM: Math.max(0, breakM + wants.toM) };
  return presentation?.kind === 'towed' ? presentation.wanted.depth : null;
}
