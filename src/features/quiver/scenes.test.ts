import { expect, it } from 'vitest';
import { demoFiles } from '../../../tests/helpers/demo';
import { presentationSchema } from '@/domain/presentation';
import { SCENE_IDS, SCENES, inScene } from './scenes';

const newest = demoFiles.filter((each) => each.newest).map(({ id, file }) => [id, file.presentation] as const);

it.each(newest)('%s: from every place it is one that can be kept', (_, presentation) => {
  for (const scene of SCENE_IDS) {
    const there = inScene(presentation, scene);
    expect(presentationSchema.safeParse(there).error?.issues ?? [], scene).toEqual([]);
    expect(there).toMatchObject({ stance: SCENES[scene].stance, handHeightM: SCENES[scene].handHeightM });
    if (there.kind === 'cast') expect(there.distanceM).toBe(SCENES[scene].distanceM);
    // What is towed keeps its own way.
    else
      expect(there).toEqual({
        ...presentation,
        stance: there.stance,
        rodWorked: there.rodWorked,
        boatsideTurn: there.boatsideTurn,
        handHeightM: there.handHeightM,
      });
  }
  expect(inScene(presentation, '')).toBe(presentation);
});
