import type { Part } from '@/domain/parts';
import type { PartsPlan } from '@/domain/exchange/plan-parts';

export interface ExchangeRequest {
  readonly file: File;
  readonly box: readonly Part[];
}

export type ExchangeReply =
  | { readonly kind: 'progress'; readonly done: number; readonly of: number }
  | { readonly kind: 'planned'; readonly plan: PartsPlan; readonly computeMs: number }
  /** what the file is instead of a table, or that it is too long for one */
  | { readonly kind: 'refused'; readonly code: 'archive' | 'binary' | 'too-large' | 'too-many-lines' | 'unreadable' };
