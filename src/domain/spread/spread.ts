import { z } from 'zod';
import { partIdSchema, setupIdSchema, spreadIdSchema } from '../ids';
import { numberIn } from '../number';
import { broken } from '../problems';
import { PRESENTATION_LIMITS as P } from '../presentation-limits';
import { MARK_WAYS, STRIKE_SPEEDS } from './mark-ways';
import { MOST_LAYERS, MOST_LINES, SPREAD_DOCUMENT_LIMITS as L } from './spread-limits';

const text = (max: number) => z.string().trim().max(max);
const lineId = z.string().min(1).max(40);
const pointId = z.string().min(1).max(40);

const SHARE = { min: 0, max: 1 } as const;

const bandSchema = z
  .strictObject({
    /** from the surface down, or from the temperature break, above it negative */
    of: z.enum(['surface', 'break']),
    fromM: numberIn({ min: L.fromBreakM.min, max: L.depthM.max }),
    toM: numberIn({ min: L.fromBreakM.min, max: L.depthM.max }),
  })
  .superRefine(({ of, fromM, toM }, context) => {
    if (toM < fromM) broken(context, ['toM'], `at least fromM = ${fromM}`);
    if (of === 'surface' && fromM < 0) broken(context, ['fromM'], 'at least 0, below the surface');
  });

const markSchema = z.strictObject({
  by: z.enum(MARK_WAYS),
  /** where it is read */
  at: z.enum(['reel', 'tip']),
  /** what a tied mark is called */
  name: text(40),
  turnsAPass: numberIn(L.turnsAPass).optional(),
  /** the line was cut or retied since it was set right */
  toCheck: z.boolean(),
});

const lineSchema = z.strictObject({
  id: lineId,
  setupId: setupIdSchema,
  /** another rod than that of the setup, rigged the same */
  rodId: partIdSchema.optional(),
  pointId,
  /** from the tip, or behind its release [m] */
  lineM: numberIn(L.lineM),
  /** on a downrigger */
  cableM: numberIn(L.cableM).optional(),
  ballKg: numberIn(L.ballKg).optional(),
  /** a side board: line to it, and how far it stands out on the side of its rod */
  board: z
    .strictObject({ lineM: numberIn(L.boardM), outM: numberIn(L.boardOutM) })
    .superRefine(({ lineM, outM }, context) => {
      if (outM >= lineM) broken(context, ['outM'], `less than the ${lineM} m of line to the board`);
    })
    .optional(),
  pinned: z.boolean(),
  /** null: the band of the setup */
  wants: bandSchema.nullable(),
  mark: markSchema,
  /** what its release is set to; absent: twice the clean pull */
  releaseN: numberIn(L.releaseN).optional(),
  /** absent: that of the setup */
  dragN: numberIn(P.clutchN).optional(),
});

/** All lines of a boat as one arrangement. */
export const spreadSchema = z
  .strictObject({
    id: spreadIdSchema,
    name: text(120),
    craftId: z.string().max(64).nullable(),
    facing: z.enum(['forward', 'aft']),
    speedMps: numberIn(L.speedMps),
    /** how the water moves over ground, by depth: along the course forward, across it to starboard */
    current: z
      .array(
        z.strictObject({
          depthM: numberIn(L.depthM),
          alongMps: numberIn(L.currentMps),
          acrossMps: numberIn(L.currentMps),
        }),
      )
      .max(MOST_LAYERS)
      .superRefine((layers, context) => {
        const at = layers.findIndex(({ depthM }, i) => i > 0 && depthM <= layers[i - 1]!.depthM);
        if (at > 0) broken(context, [at, 'depthM'], `more than ${layers[at - 1]!.depthM}`);
      }),
    bottomM: numberIn(P.bottomM).optional(),
    /** where the water turns cold fastest */
    breakM: numberIn(L.breakM).optional(),
    clearM: numberIn(L.clearM),
    /** the tightest turn that is wanted */
    radiusM: numberIn(L.radiusM),
    lines: z.array(lineSchema).max(MOST_LINES),
    /** a sensor on a cable of its own, without a lure */
    probe: z.strictObject({ pointId, cableM: numberIn(L.cableM), ballKg: numberIn(L.ballKg) }).nullable(),
    /** the shape it was set in, port to starboard; null: none */
    pattern: z
      .strictObject({
        name: text(120),
        places: z.array(z.strictObject({ back: numberIn(SHARE), deep: numberIn(SHARE) })).max(MOST_LINES),
        nearM: numberIn(L.lineM),
        farM: numberIn(L.lineM),
        column: z.enum(['in-band', 'through-column']),
      })
      .nullable(),
    /** ids of lines as they are let out; null: the usual order */
    order: z.array(lineId).max(MOST_LINES).nullable(),
    /** what is done when a fish strikes */
    strike: z.strictObject({
      speed: z.enum(STRIKE_SPEEDS),
      forS: numberIn(L.forS),
      /** lines that are worked meanwhile */
      worked: z.array(lineId).max(MOST_LINES),
      /** lines that are cleared, in this order; null: those that cross, the nearest first */
      cleared: z.array(lineId).max(MOST_LINES).nullable(),
    }),
  })
  .superRefine(({ lines }, context) => {
    const seen = new Set<string>();
    lines.forEach(({ id }, i) => {
      if (seen.has(id)) broken(context, ['lines', i, 'id'], 'an id that no other line has');
      seen.add(id);
    });
  });

export type SpreadDocument = z.infer<typeof spreadSchema>;
export type SpreadLineDocument = SpreadDocument['lines'][number];
export type LineMark = SpreadLineDocument['mark'];
export type WantedBand = NonNullable<SpreadLineDocument['wants']>;
