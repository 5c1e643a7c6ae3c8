import { InputRuleError } from '../../base/guard';
import type { SpreadLine } from '../spread';

/** One way to fish a line: in a place of the boat, with so much line. */
export interface ArrangeOption {
  readonly position: string;
  /** the first from a tip, each of the others after the one before it; the lure is on the last */
  readonly chain: readonly SpreadLine[];
}

export interface ArrangeLine {
  readonly name: string;
  readonly options: readonly ArrangeOption[];
  /** index of the option that it keeps */
  readonly pinned?: number | undefined;
}

export const ARRANGE_LIMITS = {
  lines: { min: 1, max: 12 },
  options: { min: 1, max: 80 },
  chain: { min: 1, max: 3 },
  fixed: { min: 0, max: 8 },
} as const;

/** Chains are whole, every name stands once within an option and among what is fixed, and a pinned option exists. */
export function checkOptions(lines: readonly ArrangeLine[], fixed: readonly SpreadLine[]): void {
  const names = new Set<string>();
  for (const [i, { name, options, pinned }] of lines.entries()) {
    if (names.has(name)) throw new InputRuleError(`lines[${i}].name`, 'a name that no earlier line has');
    names.add(name);
    if (pinned !== undefined && pinned >= options.length)
      throw new InputRuleError(`lines[${i}].pinned`, `an index below ${options.length}`);
    for (const [k, { chain }] of options.entries())
      for (const [c, line] of chain.entries()) {
        const at = `lines[${i}].options[${k}].chain[${c}]`;
        if (c === 0 && line.tipM === undefined) throw new InputRuleError(`${at}.tipM`, 'a tip, where a chain begins');
        if (c > 0 && line.after !== chain[c - 1]!.name)
          throw new InputRuleError(`${at}.after`, `"${chain[c - 1]!.name}", the line before it in its chain`);
      }
  }
  for (const [i, line] of fixed.entries())
    if (line.tipM === undefined) throw new InputRuleError(`fixed[${i}].tipM`, 'a tip');
}
