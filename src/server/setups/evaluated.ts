import { evaluate } from '@/core/judge';
import { remembered } from '@/domain/remembered';
import type { SetupFile } from '@/domain/setup';

/** As `evaluate`, once for a file that pages read again and again. */
export const evaluated = remembered((file: SetupFile) => [file], evaluate);
