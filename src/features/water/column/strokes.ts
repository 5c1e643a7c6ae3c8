/** Lines in one picture are told apart by their stroke, never by colour alone. */
export const STROKES = ['', '7 3', '2 2.5', '9 3 2 3'] as const;
