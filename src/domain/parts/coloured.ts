import { z } from 'zod';

/** Colours that one model lies in the Box in, as its owner writes them: `firetiger ×3, perch`. */
export const coloured = { colours: z.string().trim().max(400).optional() };
