import type { Joint } from '@/domain/joint';
import type { Part } from '@/domain/parts';
import type { SetupFile } from '@/domain/setup';
import type { I18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';

export const jointOf = ({ chain }: Pick<SetupFile, 'chain'>, id: string | null): Joint | null =>
  chain.find((joint) => joint.id === id) ?? null;

export const partOfJoint = (file: Pick<SetupFile, 'chain' | 'parts'>, id: string | null): Part | null => {
  const joint = jointOf(file, id);
  return joint ? (file.parts.find((part) => part.id === joint.partId) ?? null) : null;
};

/** What stands in a joint, by its part. */
export const jointName = (i18n: I18n, file: Pick<SetupFile, 'chain' | 'parts'>, id: string | null): string => {
  const part = partOfJoint(file, id);
  return part ? partTitle(i18n, part, jointOf(file, id)?.colour) : i18n.t('tying.mainLine');
};
