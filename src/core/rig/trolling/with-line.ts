import type { TowedPresentation } from '../../tackle';

/** The presentation with another length of line: from the tip, or behind its release. */
export function withLine(presentation: TowedPresentation, lineM: number): TowedPresentation {
  const { gear } = presentation;
  return gear ? { ...presentation, gear: { ...gear, leadM: lineM } } : { ...presentation, lineOutM: lineM };
}
