import type { House } from './house';
import type { SetupId } from './ids';
import { packed, unpacked, type Packed } from './packed';
import type { Part } from './parts';
import { remembered } from './remembered';
import type { SetupFile } from './setup';

export interface NamedSetup {
  readonly id: SetupId;
  readonly name: string;
  readonly file: SetupFile;
}

/** Setups whose parts and house, which most of them share, stand in it once. */
export interface SharedSetups {
  readonly parts: readonly Part[];
  readonly houses: readonly House[];
  readonly setups: readonly SharedSetup[];
}

export type PackedSetups = Packed<SharedSetups>;

type SharedSetup = Pick<NamedSetup, 'id' | 'name'> &
  Pick<SetupFile, 'chain' | 'presentation'> & {
    /** where each of its parts stands in the list of all */
    readonly parts: readonly number[];
    /** where its house stands; null: it has none */
    readonly house: number | null;
  };

export function sharedSetups(setups: readonly NamedSetup[]): SharedSetups {
  const [parts, houses] = [new Map<Part, number>(), new Map<House, number>()];
  return {
    setups: setups.map(({ id, name, file }) => ({
      id,
      name,
      chain: file.chain,
      presentation: file.presentation,
      parts: file.parts.map((part) => placeIn(parts, part)),
      house: file.house ? placeIn(houses, file.house) : null,
    })),
    parts: [...parts.keys()],
    houses: [...houses.keys()],
  };
}

export const packedSetups = remembered(
  (setups: readonly NamedSetup[]) => [
    setups[0]?.file ?? NOTHING,
    ...setups.flatMap(({ id, name, file }) => [id, name, file]),
  ],
  (setups): PackedSetups => packed(sharedSetups(setups)),
);

const NOTHING = {};

function placeIn<T>(places: Map<T, number>, thing: T): number {
  const place = places.get(thing) ?? places.size;
  places.set(thing, place);
  return place;
}

export const unpackedSetups = (setups: PackedSetups): readonly NamedSetup[] => namedSetups(unpacked(setups));

export function namedSetups({ parts, houses, setups }: SharedSetups): readonly NamedSetup[] {
  return setups.map(({ id, name, chain, presentation, parts: own, house }) => ({
    id,
    name,
    file: {
      version: 1,
      name,
      parts: own.map((at) => parts[at]!),
      chain,
      presentation,
      ...(house !== null && { house: houses[house]! }),
    },
  }));
}

/** Setup files by the id of their setup. */
export const filesById = (setups: readonly NamedSetup[]): Readonly<Record<string, SetupFile>> =>
  Object.fromEntries(setups.map(({ id, file }) => [id, file]));
