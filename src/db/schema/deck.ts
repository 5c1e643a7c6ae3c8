import type { DeckId } from '@/domain/ids';
import { versionedDocuments } from './versioned-documents';

/** Rods in order for a trip. */
export const deck = versionedDocuments<DeckId>('deck');
