export type { Origin, Term, Working } from './working';
export { WORKING_SUBJECTS, workingOf, type WorkingSubject } from './working-of';
