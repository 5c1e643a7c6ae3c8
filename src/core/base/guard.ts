/** A closed range of allowed values; `exclusiveMin` leaves the lower end out. */
export interface Limits {
  readonly min: number;
  readonly max: number;
  readonly exclusiveMin?: boolean;
}

/** A caller handed the core a number outside its stated domain: a bug, or a missing schema at the edge. */
export class InputRangeError extends RangeError {
  override readonly name = 'InputRangeError';
  constructor(
    readonly field: string,
    readonly value: number,
    readonly min: number,
    readonly max: number,
  ) {
    super(`${field} = ${value} is outside ${min} to ${max}`);
  }
}

/** A caller's input breaks a rule that no range can say: a path that names nothing, readings that tell nothing. */
export class InputRuleError extends InputRangeError {
  constructor(
    field: string,
    /** what is allowed, in words */
    readonly allowed: string,
  ) {
    super(field, NaN, -Infinity, Infinity);
    this.message = `${field} must be ${allowed}`;
  }
}

/** Returns `value` when it lies in `limits`; NaN never does. */
export function requireInRange(field: string, value: number, limits: Limits): number {
  const aboveMin = limits.exclusiveMin === true ? value > limits.min : value >= limits.min;
  if (!(aboveMin && value <= limits.max)) throw new InputRangeError(field, value, limits.min, limits.max);
  return value;
}

/** The nearest value that lies within limits. */
export const within = (value: number, { min, max }: Pick<Limits, 'min' | 'max'>): number =>
  Math.min(max, Math.max(min, value));
