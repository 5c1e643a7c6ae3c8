import type { KnotPattern } from '../../tackle/defaults/knots';
import { barrel, flat, loop, mirrored, mirroredLoop, pens, step, wraps, type KnotStep, type Pens } from './knot-pens';
import { arc, type Primitive, type Pt } from './primitives';

/**
 * The steps of a knot, the last with the knot drawn down: the standing line full, the tag end dashed, the line or eye that
 * it is tied to fine. Not to scale of any line; the way round is what it shows. The standing line comes from the left.
 */
export function knotSteps(pattern: KnotPattern, id: string): readonly KnotStep[] {
  return DRAWN[pattern](pens(id));
}

/** How a knot runs, before it is drawn tight. */
export const drawKnot = (pattern: KnotPattern, id: string): readonly Primitive[] =>
  knotSteps(pattern, id).at(-2)!.primitives;

const DRAWN: Readonly<Record<KnotPattern, (pens: Pens) => readonly KnotStep[]>> = {
  'wrapped-eye': ({ standing, tag, eye }) => {
    const through = [eye(62), standing([...flat(0, 58), [66, 0]])];
    const turned: Pt[] = [[66, 0], [62, -6], [56, -3.2], ...wraps(26, 5, 6, 3.4).reverse()];
    const tucked: Pt[] = [...turned, [20, 5], [30, 9], [52, 8], [58, 2]];
    const passed: Pt[] = [...tucked, [56, -6], [44, -10], [32, -9], [26, -6]];
    return [
      step(
        [
          ...through,
          tag([
            [66, 0],
            [62, -7],
            [50, -8],
            [36, -8],
          ]),
        ],
        [36, -8],
      ),
      step([...through, tag(turned)], [26, 0]),
      step([...through, tag(tucked)], [58, 2]),
      step([...through, tag(passed)], [26, -6]),
      step(
        [
          eye(62),
          standing(flat(0, 46)),
          standing(barrel(46, 6, 2.4)),
          tag([
            [56, -2.4],
            [52, -7],
          ]),
        ],
        [52, -7],
      ),
    ];
  },
  'doubled-eye': ({ standing, tag, other, eye }) => {
    const doubled = [standing(flat(0, 60, -1.6)), tag([[8, 1.6], ...flat(20, 60, 1.6)])];
    const bight = other(loop(56, 14, 6));
    const overhand: Pt[] = [
      [22, -1.6],
      [28, -9],
      [38, -9],
      [42, 0],
      [36, 9],
      [26, 8],
      [24, 1.6],
    ];
    return [
      step(
        [eye(64), ...doubled, other([[60, -1.6], ...arc([66, 0], 1.6, -Math.PI / 2, Math.PI / 2), [60, 1.6]])],
        [8, 1.6],
        [0, -1.6],
      ),
      step([eye(64), ...doubled, other(overhand), bight], [8, 1.6], [0, -1.6]),
      step(
        [
          eye(64),
          ...doubled,
          other(overhand),
          other([
            [42, -4],
            [56, -11],
            [74, -8],
            [78, 0],
            [74, 8],
            [56, 11],
            [40, 5],
          ]),
        ],
        [8, 1.6],
        [0, -1.6],
      ),
      step(
        [
          eye(64),
          standing(flat(0, 52)),
          standing(barrel(52, 4, 3)),
          tag([
            [52, 2],
            [44, 6],
          ]),
        ],
        [44, 6],
      ),
    ];
  },
  'open-loop': ({ standing, tag, eye }) => {
    const knot: Pt[] = [
      [0, 0],
      [18, 0],
      [26, -6],
      [34, 0],
      [26, 6],
      [20, 1],
    ];
    const first = [
      standing(knot),
      tag([
        [20, 1],
        [28, -1],
        [40, 0],
        [56, 0],
      ]),
    ];
    const around: Pt[] = [
      [28, -1],
      [44, -7],
      [68, -4],
      [78, 0],
      [68, 4],
      [44, 6],
      [32, 3],
    ];
    const turned: Pt[] = [...around, ...wraps(2, 3, 5, 3).reverse()];
    return [
      step(first, [56, 0]),
      step([eye(74), standing(knot), tag([...around, [22, 4], [14, 9]])], [14, 9]),
      step([eye(74), standing(knot), tag(turned)], [2, 0]),
      step([eye(74), standing(knot), tag([...turned, [6, 8], [20, 8], [30, 2], [42, 10]])], [42, 10]),
      step(
        [
          eye(74),
          standing(flat(0, 22)),
          standing(barrel(22, 5, 2.6)),
          standing(loop(32, 46, 5)),
          tag([
            [30, 2.6],
            [36, 8],
          ]),
        ],
        [36, 8],
      ),
    ];
  },
  'overhand-loop': ({ standing, tag, other }) => {
    const doubled = [standing(flat(0, 50, -1.6)), tag(flat(6, 50, 1.6)), other(loop(50, 12, 1.6))];
    const once: Pt[] = [
      [18, -1.6],
      [24, -9],
      [36, -9],
      [40, 0],
      [34, 9],
      [22, 8],
      [20, 0],
      [30, -3],
      [48, -2],
      [62, 0],
    ];
    const twice: Pt[] = [
      ...once.slice(0, 6),
      [16, 0],
      [24, -12],
      [38, -12],
      [44, 1],
      [36, 11],
      [22, 10],
      [26, 0],
      [48, -2],
      [66, 0],
    ];
    return [
      step(doubled, [6, 1.6], [0, -1.6]),
      step([standing(flat(0, 18, -1.6)), tag(flat(6, 20, 1.6)), other(once)], [6, 1.6], [0, -1.6]),
      step([standing(flat(0, 18, -1.6)), tag(flat(6, 20, 1.6)), other(twice)], [6, 1.6], [0, -1.6]),
      step(
        [
          standing(flat(0, 24)),
          standing(barrel(24, 4, 3.2)),
          standing(loop(32, 30, 5)),
          tag([
            [24, 2],
            [16, 6],
          ]),
        ],
        [16, 6],
      ),
    ];
  },
  'crossed-wrap': ({ standing, tag, other }) => {
    // Braid wound crosswise over a straight leader, out and back.
    const leader = other(flat(10, 78));
    const out = wraps(18, 5, 4, 3.2);
    const back = [...mirrored(out).reverse(), [14, -5], [8, -8]] as Pt[];
    const hitched: Pt[] = [...mirrored(out).reverse(), [12, -4], [6, 2], [4, -4], [10, -7], [6, -10]];
    return [
      step(
        [
          leader,
          standing([
            [0, 5],
            [18, 0],
          ]),
          tag([
            [18, 0],
            [24, -8],
          ]),
        ],
        [24, -8],
        [0, 5],
      ),
      step(
        [
          leader,
          standing([
            [0, 5],
            [14, 4],
            [18, 0],
          ]),
          tag(out),
        ],
        [38, 0],
        [0, 5],
      ),
      step([leader, standing([[0, 5], [14, 4], ...out]), tag(back)], [8, -8], [0, 5]),
      step([leader, standing([[0, 5], [14, 4], ...out]), tag(hitched)], [6, -10], [0, 5]),
      step(
        [
          other(flat(16, 78)),
          standing([
            [0, 0],
            [14, 0],
          ]),
          standing(barrel(14, 9, 2)),
          tag([
            [16, 2],
            [10, 5],
          ]),
        ],
        [10, 5],
      ),
    ];
  },
  'double-wrap': ({ standing, tag, other }) => {
    const left = standing([
      [0, 2],
      [44, 2],
    ]);
    const right = other([
      [80, -2],
      [34, -2],
    ]);
    const mine: Pt[] = [[44, 2], [48, 8], [34, 9], ...wraps(16, 4, 4.5, 4).reverse(), [14, 8]];
    const theirs: Pt[] = [[34, -2], [32, -9], [46, -10], ...wraps(48, 4, 4.5, 4), [68, -8]];
    return [
      step(
        [
          left,
          right,
          tag([
            [44, 2],
            [52, 4],
          ]),
        ],
        [52, 4],
        [0, 2],
      ),
      step([left, right, tag(mine)], [14, 8], [0, 2]),
      step([left, right, tag(mine), other(theirs)], [14, 8], [0, 2]),
      step(
        [
          standing(flat(0, 30)),
          standing(barrel(30, 5, 3)),
          other(barrel(42, 5, 3)),
          other(flat(51, 80)),
          tag([
            [32, 3],
            [26, 7],
          ]),
        ],
        [26, 7],
      ),
    ];
  },
  'loop-to-loop': ({ standing, other, tag }) => {
    const mine = [standing(flat(0, 18)), standing(barrel(14, 2, 2)), standing(loop(18, 26, 5))];
    const far = (x: number) => [other(barrel(x + 28, 2, 2)), other(mirroredLoop(x, 28, 5)), other(flat(x + 30, 84))];
    return [
      step([...mine, ...far(50)], [84, 0]),
      step([...mine, ...far(36)], [84, 0]),
      step(
        [
          ...mine,
          ...far(36),
          tag([
            [66, 0],
            [74, -9],
            [48, -11],
            [30, -2],
            [44, 3],
          ]),
        ],
        [44, 3],
      ),
      step(
        [
          standing(flat(0, 22)),
          standing([
            [22, 0],
            [34, -3],
            [42, -3],
            [44, 0],
            [42, 3],
            [34, 3],
            [22, 0],
          ]),
          other([
            [60, 0],
            [48, -3],
            [40, -3],
            [38, 0],
            [40, 3],
            [48, 3],
            [60, 0],
          ]),
          other(flat(60, 84)),
        ],
        [84, 0],
      ),
    ];
  },
  'line-splice': ({ standing, tag, other }) => {
    const sleeve = (to: number) => [
      standing([
        [0, 0],
        [12, -2.4],
        [to, -2.4],
      ]),
      standing([
        [0, 0],
        [12, 2.4],
        [to, 2.4],
      ]),
    ];
    return [
      step(
        [
          ...sleeve(30),
          standing([
            [30, -2.4],
            [36, -6],
          ]),
          standing([
            [30, 2.4],
            [36, 6],
          ]),
          other(flat(44, 84)),
        ],
        [44, 0],
      ),
      step([...sleeve(54), tag(flat(22, 54)), other(flat(54, 84))], [22, 0]),
      step([...sleeve(54), tag(flat(22, 54)), other(flat(54, 84)), other(barrel(48, 6, 2.8))], [22, 0]),
      step(
        [
          standing(flat(0, 20)),
          standing([
            [20, 0],
            [26, -1.6],
            [54, -1.6],
          ]),
          standing([
            [20, 0],
            [26, 1.6],
            [54, 1.6],
          ]),
          other(barrel(48, 6, 2)),
          other(flat(54, 84)),
        ],
        [54, 0],
      ),
    ];
  },
};
