import type { WaterId } from '@/domain/ids';
import { versionedDocuments } from './versioned-documents';

/** The user's own waters. */
export const water = versionedDocuments<WaterId>('water');
