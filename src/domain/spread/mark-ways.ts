/** Ways to find a place on the line again. */
export const MARK_WAYS = ['metres', 'counter', 'turns', 'passes', 'colours', 'tied'] as const;
export const STRIKE_SPEEDS = ['hold', 'faster', 'slower'] as const;
