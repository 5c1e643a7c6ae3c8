import { z } from 'zod';
import type { TowPoint } from '@/core/afloat';
import { CLASS_EDIT_SPAN, classFigure } from '@/core/tackle/defaults/classes';
import { SCHOOLS, type SchoolId } from '@/core/tackle/defaults/schools';
import { anglerSchema } from './angler';
import { numberIn } from './number';
import { broken } from './problems';
import { MOST_TOW_POINTS, TOW_POINT_KINDS, TOW_POINT_LIMITS as T } from './spread/tow-point-limits';

export const CRAFT_LIMITS = {
  lengthM: { min: 1, max: 40 },
  freeboardM: { min: 0.05, max: 3 },
  holders: { min: 0, max: 24 },
  holderDepthM: { min: 0.05, max: 0.6 },
  angleRad: { min: 0, max: 1.6 },
  holderGapM: { min: 0.05, max: 5 },
  gear: { min: 0, max: 12 },
  hullDragN: { min: 0, max: 5000 },
  carriesRods: { min: 1, max: 40 },
  carriesKg: { min: 0.5, max: 500 },
} as const;
const C = CRAFT_LIMITS;

const count = (limits: { readonly min: number; readonly max: number }) =>
  z.number().int().min(limits.min).max(limits.max);

const towPointSchema = z.strictObject({
  id: z.string().min(1).max(40),
  kind: z.enum(TOW_POINT_KINDS),
  /** to starboard of the transom's middle, aft of it, and over the water */
  xM: numberIn(T.xM),
  yM: numberIn(T.yM),
  upM: numberIn(T.upM),
  /** where a rod in it points, from straight aft to starboard */
  pointsRad: numberIn(T.pointsRad),
}) satisfies z.ZodType<TowPoint>;

export const craftSchema = z.strictObject({
  id: z.string().min(1).max(64),
  name: z.string().trim().min(1).max(60),
  lengthM: numberIn(C.lengthM),
  /** gunwale over the water */
  freeboardM: numberIn(C.freeboardM),
  holders: count(C.holders),
  holderDepthM: numberIn(C.holderDepthM),
  /** lean of a rod in its holder, from upright */
  holderAngleRad: numberIn(C.angleRad),
  /** between neighbouring holders */
  holderGapM: numberIn(C.holderGapM),
  downriggers: count(C.gear),
  booms: count(C.gear),
  /** pull that tows the hull at 1 m/s */
  hullDragN: numberIn(C.hullDragN),
  /** rods, and tackle with them, that it takes without being in the way of whoever paddles */
  carriesRods: count(C.carriesRods).optional(),
  carriesKg: numberIn(C.carriesKg).optional(),
  beamM: numberIn(T.beamM).optional(),
  /** where lines leave it; absent: as its counts are usually set */
  towPoints: z
    .array(towPointSchema)
    .max(MOST_TOW_POINTS)
    .superRefine((points, context) => {
      const twice = points.findIndex(({ id }, i) => points.findIndex((each) => each.id === id) < i);
      if (twice >= 0) broken(context, [twice, 'id'], 'an id that no other point has');
    })
    .optional(),
  /** of its wake, as it was seen once */
  firstCrest: z.strictObject({ behindM: numberIn(T.crestM), speedMps: numberIn(T.crestMps) }).optional(),
  /** white water behind the propeller, in which no lure is seen */
  whiteWater: z.strictObject({ widthM: numberIn(T.whiteWidthM), lengthM: numberIn(T.whiteLengthM) }).optional(),
});

export type Craft = z.infer<typeof craftSchema>;

const text = (max: number) => z.string().trim().max(max).optional();

/** Local rules as the user read them; a field that is not there rules nothing. */
export const rulesSheetSchema = z.strictObject({
  authority: text(120),
  readOn: z.iso.date().optional(),
  rodsPerPerson: count({ min: 0, max: 20 }).optional(),
  hooksPerLine: count({ min: 0, max: 50 }).optional(),
  pointsPerLine: count({ min: 0, max: 100 }).optional(),
  baitsPerLine: count({ min: 0, max: 20 }).optional(),
  barbless: z.boolean().optional(),
  noTrebles: z.boolean().optional(),
  leadOverKg: numberIn({ min: 0, max: 1 }).optional(),
  noLead: z.boolean().optional(),
  noNaturalBait: z.boolean().optional(),
  noLiveBait: z.boolean().optional(),
  noWire: z.boolean().optional(),
  largestGapM: numberIn({ min: 0.001, max: 0.2 }).optional(),
  /** what may be kept, by species: how many a person in a day, how long at least */
  mayKeep: z
    .array(
      z.strictObject({
        species: z.string().trim().max(60),
        perPerson: count({ min: 0, max: 99 }).optional(),
        leastM: numberIn({ min: 0.01, max: 5 }).optional(),
      }),
    )
    .max(20)
    .optional(),
  words: text(2000),
});

export type RulesSheet = z.infer<typeof rulesSheetSchema>;

const schoolsSchema = z
  .partialRecord(z.enum(Object.keys(SCHOOLS) as [SchoolId, ...SchoolId[]]), z.string())
  .superRefine((schools, context) => {
    for (const [school, side] of Object.entries(schools)) {
      const { sides }: { readonly sides: readonly string[] } = SCHOOLS[school as SchoolId];
      if (side !== undefined && !sides.includes(side)) broken(context, [school], `one of ${sides.join(', ')}`);
    }
  });

/** Class values that the user holds to be otherwise, by their path. */
const classEditsSchema = z.record(z.string().max(80), z.number()).superRefine((edits, context) => {
  for (const [path, value] of Object.entries(edits)) {
    const figure = classFigure(path);
    if (!figure) {
      broken(context, [path], 'the path of a class figure, as mouths.soft.strengthMpa');
      continue;
    }
    const [lo, hi] = [figure.value / CLASS_EDIT_SPAN, figure.value * CLASS_EDIT_SPAN].sort((a, b) => a - b);
    if (value < lo! || value > hi!)
      broken(context, [path], `between ${lo} and ${hi}, a tenth and ten times the class value`);
  }
});

const craftsSchema = z.array(craftSchema).max(20);
/** The user's own words for built-in rigs, which search finds. */
const rigWordsSchema = z.record(z.string().max(40), z.string().trim().max(200));

/** What a bench holds to besides its parts, people and boats: each a record of entries by key. */
export const HOUSE_SCHEMAS = {
  schools: schoolsSchema,
  sheet: rulesSheetSchema,
  classes: classEditsSchema,
  rigWords: rigWordsSchema,
} as const;

export type HouseDocumentName = keyof typeof HOUSE_SCHEMAS;

const documentFields = {
  schools: schoolsSchema.default({}),
  crafts: craftsSchema.default([]),
  sheet: rulesSheetSchema.default({}),
  classes: classEditsSchema.default({}),
  rigWords: rigWordsSchema.default({}),
};

/** What a bench holds to, as a file carries it; the anglers stand beside it. */
export const houseDocumentSchema = z.strictObject(documentFields);

export type HouseDocument = z.infer<typeof houseDocumentSchema>;

/** The house that a setup is judged in. */
export const houseSchema = z.strictObject({ ...documentFields, angler: anglerSchema.default({}) });

export type House = z.infer<typeof houseSchema>;

export const emptyHouseDocument: HouseDocument = { schools: {}, crafts: [], sheet: {}, classes: {}, rigWords: {} };
