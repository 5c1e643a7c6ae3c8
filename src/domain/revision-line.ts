/** A revision as lists name it. */
export interface RevisionLine {
  readonly number: number;
  readonly reason: string;
  /** ISO 8601 */
  readonly savedAt: string;
  /** who saved it; null: nobody is named */
  readonly by?: string | null;
}
