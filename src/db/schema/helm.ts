import type { HelmId } from '@/domain/ids';
import { versionedDocuments } from './versioned-documents';

/** A boat's instruments and what its helm shows. */
export const helm = versionedDocuments<HelmId>('helm');
