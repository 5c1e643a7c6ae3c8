import { WORKING_SPEEDS } from '../../tackle/defaults/part-classes';
import type { Fitted } from './fitted';

/** Speeds between which a joint of a setup works [m/s]; Infinity where nothing bounds it. */
export interface SpeedWindow {
  readonly jointId: string;
  readonly partId: string;
  readonly fromMps: number;
  readonly toMps: number;
}

/** Windows that were tried, printed, or go with the kind; a plug that is jerked or lies on the surface has none of the kind. */
export function workingSpeeds(chain: readonly Fitted[]): readonly SpeedWindow[] {
  return chain.flatMap(({ joint, part }): SpeedWindow[] => {
    if (!('worksFromMps' in part || 'worksToMps' in part || part.kind in WORKING_SPEEDS)) return [];
    const kindOf =
      part.kind === 'hard-lure' && part.lip === 'no-lip'
        ? null
        : part.kind in WORKING_SPEEDS
          ? WORKING_SPEEDS[part.kind as keyof typeof WORKING_SPEEDS]
          : null;
    const tried = part as {
      readonly worksFromMps?: { readonly value: number };
      readonly worksToMps?: { readonly value: number };
    };
    const fromMps = tried.worksFromMps?.value ?? kindOf?.fromMps;
    const toMps = tried.worksToMps?.value ?? kindOf?.toMps;
    return fromMps === undefined && toMps === undefined
      ? []
      : [{ jointId: joint.id, partId: part.id, fromMps: fromMps ?? 0, toMps: toMps ?? Infinity }];
  });
}
