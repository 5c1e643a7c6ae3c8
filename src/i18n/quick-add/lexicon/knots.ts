import { is, type Entry } from './meaning';

const knot = (pattern: string) => is('knot', { pattern });

/** What anglers call the knots that are drawn here; each bench adds its own words. */
export const KNOT_WORDS: readonly Entry[] = [
  [
    ["surgeon's loop", 'surgeon’s loop', 'surgeon loop', 'surgeons loop', 'lazo de cirujano', 'lazo doble'],
    knot('overhand-loop'),
  ],
  [['loop to loop', 'loop connection', 'lazo con lazo'], knot('loop-to-loop')],
  [['line splice', 'splice', 'hollow braid splice', 'empalme'], knot('line-splice')],
];
