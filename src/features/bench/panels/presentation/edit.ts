import type { CastPresentation, Presentation, TowedPresentation } from '@/domain/presentation';

/** A presentation, and the ways to change it; the field that is typed in says which changes are one step. */
export interface PresentationEdit {
  readonly presentation: Presentation;
  readonly present: (presentation: Presentation, field: string) => void;
  readonly change: (patch: Partial<CastPresentation> & Partial<TowedPresentation>, field: string) => void;
  readonly sweep: (patch: Partial<Presentation['sweep']>, field: string) => void;
  readonly wanted: (patch: object, field: string) => void;
}

export function presentationEdit(
  presentation: Presentation,
  present: (presentation: Presentation, field: string) => void,
): PresentationEdit {
  const p = presentation;
  return {
    presentation,
    present,
    change: (patch, field) => present({ ...p, ...patch } as Presentation, field),
    sweep: (patch, field) => present({ ...p, sweep: { ...p.sweep, ...patch } }, field),
    wanted: (patch, field) => present({ ...p, wanted: { ...p.wanted, ...patch } } as Presentation, field),
  };
}
