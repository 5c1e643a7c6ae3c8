import type { PlanId } from '@/domain/ids';
import { versionedDocuments } from './versioned-documents';

/** Days as they were planned. */
export const plan = versionedDocuments<PlanId>('plan');
