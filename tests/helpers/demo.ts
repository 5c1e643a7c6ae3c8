import { demoHouse, demoParts, demoSetupsOfBench } from '@/db/demo';
import { setupFileSchema, type SetupFile } from '@/domain/setup';

/** Every revision of the demo's setups as setup files, with the readings of the day it was saved or of today. */
export const demoFiles: readonly {
  readonly id: string;
  readonly revision: number;
  readonly newest: boolean;
  readonly file: SetupFile;
  readonly fileThen: SetupFile;
}[] = demoSetupsOfBench.flatMap((setup) =>
  setup.revisions.map((revision, i) => {
    const ids = new Set<string>(revision.chain.map((joint) => joint.partId));
    const parts = demoParts.filter((part) => ids.has(part.id));
    const then = new Map((revision.partsThen ?? []).map((part) => [part.id, part]));
    const file = (which: typeof parts) =>
      setupFileSchema.parse({
        version: 1,
        name: setup.name,
        parts: which,
        chain: revision.chain,
        presentation: revision.presentation,
        house: demoHouse,
      });
    return {
      id: setup.id,
      revision: i + 1,
      newest: i + 1 === setup.revisions.length,
      file: file(parts),
      fileThen: file(parts.map((part) => then.get(part.id) ?? part)),
    };
  }),
);

export const demoFile = (id: string): SetupFile => {
  const found = demoFiles.find((each) => each.id === id && each.newest);
  if (!found) throw new Error(`the demo has no setup ${id}`);
  return found.file;
};
