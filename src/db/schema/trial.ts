import type { TrialId } from '@/domain/ids';
import { versionedDocuments } from './versioned-documents';

/** Comparisons of two versions of one thing. */
export const trial = versionedDocuments<TrialId>('trial');
