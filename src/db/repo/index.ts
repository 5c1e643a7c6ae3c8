export { findBench, insertBench, type Bench } from './bench-repo';
export { findParts, insertParts, listParts, removePart, replacePart, type RemoveOutcome, type ReplaceOutcome } from './part-repo';
export {
  findRevision,
  findSetup,
  insertSetup,
  listRevisions,
  listSetups,
  saveRevision,
  type NewRevision,
  type Revision,
  type RevisionHead,
  type SaveOutcome,
  type SetupHead,
} from './setup-repo';
