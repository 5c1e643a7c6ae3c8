import type { Finding, Mark, VerdictName, VerdictUnit } from '../../judge';

/** Something of the day that lies outside of what a setup's owner uses it for. */
export interface OutsideUse {
  readonly what: 'temperatureC' | 'depthM' | 'speedMps' | 'clarity' | 'light' | 'mood' | 'bottom';
  readonly asked: number | string;
  readonly from: number | string;
  readonly to: number | string;
}

/** How a setup stands on a day. */
export interface Suited {
  readonly id: string;
  /** suits: every verdict sound; goes: one on an edge or open; fails: one fails; outside: its owner uses it for other days */
  readonly standing: 'suits' | 'goes' | 'fails' | 'outside';
  readonly marks: Readonly<Record<VerdictName, Mark>>;
  /** the verdict with the least room, which decides how it stands; room as in `roomOf` */
  readonly decides: {
    readonly verdict: VerdictName;
    readonly mark: Mark;
    readonly value: number | null;
    readonly unit: VerdictUnit;
    readonly room: number;
  };
  /** the worst remark; null: none that counts */
  readonly remark: Finding | null;
  readonly outside: readonly OutsideUse[];
  readonly depthM: number;
  readonly temperatureC: number;
}
