import type { Mark } from '@/core/evaluate';
import type { Provenance } from '@/core/quantity';
import type { MarkShape } from '@/ui/mark';

/** A mark by its shape, so that it never hangs on colour. */
export const MARK_SHAPE = { sound: 'filled', edge: 'half', fails: 'crossed', 'cant-tell': 'dotted' } as const satisfies Record<Mark, MarkShape>;

/** How well a figure is known, by the line under it. */
export const UNDERLINE = { measured: 'border-solid', label: 'border-dashed', class: 'border-dotted' } as const satisfies Record<Provenance, string>;
