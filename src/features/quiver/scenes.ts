import type { Presentation } from '@/core/tackle';

type CastChange = Pick<Presentation, 'stance' | 'rodWorked' | 'boatsideTurn' | 'handHeightM'> & {
  readonly distanceM: number;
  readonly castStyle: 'pitch' | 'roll' | 'two-hand' | 'overhead' | 'lob';
};

/** Places from which one fishes: what each fixes of a cast. */
export const SCENES = {
  'open-bank': {
    stance: 'standing',
    rodWorked: 'level',
    boatsideTurn: false,
    handHeightM: 1.6,
    distanceM: 40,
    castStyle: 'overhead',
  },
  'high-bank': {
    stance: 'standing',
    rodWorked: 'down',
    boatsideTurn: false,
    handHeightM: 3,
    distanceM: 25,
    castStyle: 'overhead',
  },
  'under-trees': {
    stance: 'standing',
    rodWorked: 'level',
    boatsideTurn: false,
    handHeightM: 1.4,
    distanceM: 12,
    castStyle: 'pitch',
  },
  wading: {
    stance: 'wading',
    rodWorked: 'down',
    boatsideTurn: false,
    handHeightM: 0.6,
    distanceM: 30,
    castStyle: 'two-hand',
  },
  deck: {
    stance: 'standing',
    rodWorked: 'down',
    boatsideTurn: true,
    handHeightM: 1.5,
    distanceM: 25,
    castStyle: 'overhead',
  },
  'skiff-seat': {
    stance: 'seated',
    rodWorked: 'level',
    boatsideTurn: true,
    handHeightM: 0.9,
    distanceM: 18,
    castStyle: 'roll',
  },
  canoe: {
    stance: 'seated',
    rodWorked: 'level',
    boatsideTurn: true,
    handHeightM: 0.5,
    distanceM: 12,
    castStyle: 'roll',
  },
} as const satisfies Record<string, CastChange>;

export type Scene = keyof typeof SCENES;
export const SCENE_IDS = Object.keys(SCENES) as readonly Scene[];

/** The presentation as it would be from there; what is towed keeps its own way and takes the place only. */
export function inScene(presentation: Presentation, scene: Scene | ''): Presentation {
  if (scene === '') return presentation;
  const { distanceM, castStyle, ...place } = SCENES[scene];
  return presentation.kind === 'cast'
    ? { ...presentation, ...place, distanceM, castStyle }
    : { ...presentation, ...place };
}
