import type { WorkingSubject } from '@/core/show';

export type PanelName =
  | 'presentation'
  | 'save'
  | 'revisions'
  | 'keys'
  | 'checks'
  | 'hold'
  | 'add-joint'
  | 'overlay'
  | 'remedies'
  | 'fight'
  | 'sweep'
  | 'all';

/** The panel that lies over the Bench, if one does. */
export type Open = PanelName | { readonly working: WorkingSubject } | null;
