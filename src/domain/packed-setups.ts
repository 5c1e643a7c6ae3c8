import type { House } from './house';
import type { SetupId } from './ids';
import type { Packed } from './packed';
import type { Part } from './parts';
import { remembered } from './remembered';
import type { SetupFile } from './setup';

export interface NamedSetup {
  readonly id: SetupId;
  readonly name: string;
  readonly file: SetupFile;
}

/** Setups as one text, as `Packed`: the parts and the house, which most of them share, stand in it once. */
export type PackedSetups = Packed<PackedContent>;

interface PackedContent {
  readonly parts: readonly Part[];
  readonly houses: readonly House[];
  readonly setups: readonly PackedSetup[];
}

type PackedSetup = Pick<NamedSetup, 'id' | 'name'> &
  Pick<SetupFile, 'chain' | 'presentation'> & {
    /** where each of its parts stands in the list of all */
    readonly parts: readonly number[];
    /** where its house stands; null: it has none */
    readonly house: number | null;
  };

export const packedSetups = remembered(
  (setups: readonly NamedSetup[]) => [
    setups[0]?.file ?? NOTHING,
    ...setups.flatMap(({ id, name, file }) => [id, name, file]),
  ],
  (setups): PackedSetups => {
    const [parts, houses] = [new Map<Part, number>(), new Map<House, number>()];
    const content: PackedContent = {
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
    return { text: JSON.stringify(content) };
  },
);

const NOTHING = {};

function placeIn<T>(places: Map<T, number>, thing: T): number {
  const place = places.get(thing) ?? places.size;
  places.set(thing, place);
  return place;
}

export function unpackedSetups({ text }: PackedSetups): readonly NamedSetup[] {
  const { parts, houses, setups } = JSON.parse(text) as PackedContent;
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
