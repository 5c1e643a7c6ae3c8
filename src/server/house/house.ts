import { findHouseRows, type HouseRows } from '@/db/repo';
import type { Db, Tx } from '@/db/client';
import { craftSchema, HOUSE_SCHEMAS, type Craft, type House, type HouseDocumentName } from '@/domain/house';
import { readEntries, type BrokenEntry } from '@/domain/house-entries';
import type { AnglerLine } from '@/domain/house-difference';
import type { AnglerId, BenchId } from '@/domain/ids';
import { anglerSchema } from '@/domain/angler';
import { parse } from '@/domain/problems';
import { remembered } from '@/domain/remembered';
import { askingAngler } from '../asker';

/** What a bench holds to: all of it that can be used, and by name what cannot. */
export interface ReadHouse {
  readonly house: House;
  readonly anglers: readonly AnglerLine[];
  readonly broken: readonly BrokenEntry[];
}

export async function readHouse(db: Db | Tx, benchId: BenchId): Promise<ReadHouse> {
  return houseOf(await findHouseRows(db, benchId));
}

/** The house that setups of this bench are judged in, with the figures of the angler who asks; entries that cannot be used are left out, and named on Rules. */
export async function findHouse(db: Db | Tx, benchId: BenchId): Promise<House> {
  return (await readHouse(db, benchId)).house;
}

export const houseOf = (rows: HouseRows): ReadHouse => houseFor({ rows, asks: askingAngler() });

/** Rows as stored, and the angler whose figures count; null: the usual one. */
interface Asked {
  readonly rows: HouseRows;
  readonly asks: AnglerId | null;
}

const houseFor = remembered(inputsOf, houseFrom);

function inputsOf({ rows: { documents, crafts, anglers }, asks }: Asked): readonly [object, ...unknown[]] {
  const { schools, ...others } = documents;
  return [
    schools.entries,
    schools.problems,
    asks,
    ...Object.values(others).flatMap(({ entries, problems }) => [entries, problems]),
    ...crafts.flatMap(({ id, entries, problems }) => [id, entries, problems]),
    ...anglers.flatMap(({ id, name, usual, entries, problems }) => [id, name, usual, entries, problems]),
  ];
}

function houseFrom({ rows: { documents, crafts, anglers }, asks }: Asked): ReadHouse {
  const broken: BrokenEntry[] = [];
  const used = {} as Record<HouseDocumentName, unknown>;
  for (const name of Object.keys(HOUSE_SCHEMAS) as HouseDocumentName[]) {
    const { entries, problems } = documents[name];
    if (problems.length > 0) broken.push({ document: name, id: '', key: '', given: null, problems });
    const read = readEntries(name, '', entries);
    broken.push(...read.broken);
    used[name] = read.good;
  }
  const boats: Craft[] = [];
  for (const { id, entries, problems } of crafts) {
    const craft = parse(craftSchema, entries);
    if (craft.ok && craft.data.id === id) boats.push(craft.data);
    else
      broken.push({
        document: 'craft',
        id,
        key: '',
        given: entries,
        problems: problems.length > 0 || craft.ok ? problems : craft.problems,
      });
  }
  const people = anglers.map(({ id, name, usual, entries, problems }): AnglerLine => {
    const read = readEntries('angler', id, entries);
    if (problems.length > 0) broken.push({ document: 'angler', id, key: '', given: null, problems });
    broken.push(...read.broken);
    return { id, name, usual, figures: anglerSchema.parse(read.good) };
  });
  const house: House = {
    schools: HOUSE_SCHEMAS.schools.parse(used.schools),
    sheet: HOUSE_SCHEMAS.sheet.parse(used.sheet),
    classes: HOUSE_SCHEMAS.classes.parse(used.classes),
    rigWords: HOUSE_SCHEMAS.rigWords.parse(used.rigWords),
    crafts: boats,
    angler: (people.find(({ id }) => id === asks) ?? people.find(({ usual }) => usual))?.figures ?? {},
  };
  return { house, anglers: people, broken };
}
