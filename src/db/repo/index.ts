export { findAngler, putAngler } from './angler-repo';
export { clearBench, findBench, insertBench, type Bench } from './bench-repo';
export { insertDeck, listDecks, removeDeck, replaceDeck, type StoredDeck } from './deck-repo';
export { findHouse, findHouseDocument, putHouse } from './house-repo';
export { insertLeaders, listLeaders, setLeaderState } from './leader-repo';
export { insertMovements, listAllMovements, listMovements, type Movement } from './movement-repo';
export {
  findParts,
  insertAllParts,
  insertParts,
  listAllParts,
  listBox,
  listParts,
  lockParts,
  removePart,
  replacePart,
  type BoxPart,
  type RemoveOutcome,
  type ReplaceOutcome,
  type PartRow,
  type StoredPart,
} from './part-repo';
export { insertReadings, listAllReadings, listReadings, type Reading } from './reading-repo';
export {
  findRevision,
  findSetup,
  insertSetup,
  listRevisions,
  listAllSetups,
  listSetups,
  renameSetup,
  saveRevision,
  setArchived,
  type NewRevision,
  type Revision,
  type RevisionHead,
  type SaveOutcome,
  type SetupHead,
} from './setup-repo';
