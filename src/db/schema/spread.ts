import type { SpreadId } from '@/domain/ids';
import { versionedDocuments } from './versioned-documents';

/** Lines of a boat as they were set. */
export const spread = versionedDocuments<SpreadId>('spread');
