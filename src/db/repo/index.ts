export {
  countRecoveryCodes,
  countTry,
  countUsers,
  deleteUser,
  findPasswordHash,
  findPreferences,
  findUserByName,
  forgetOldSignIns,
  forgetTries,
  insertAccount,
  listPasskeys,
  putPassword,
  putPreferences,
  putRecoveryCodes,
  takeRecoveryCode,
} from './account-repo';
export { findBenchState, renewBenchState } from './bench-state-repo';
export { clearBench, deleteBench, findBench, insertBench, isBenchEmpty, lockBench, type Bench } from './bench-repo';
export {
  endSessions,
  findLink,
  forgetOldLinks,
  insertLink,
  insertMember,
  listBenches,
  listLinks,
  listMembers,
  membershipsOf,
  removeLink,
  removeMember,
  setRole,
  type LinkRow,
  type LinkTo,
  type MemberRow,
  type Membership,
} from './crew-repo';
export {
  FIRST_ANGLER,
  findHouseRows,
  isAuthor,
  listAnglers,
  putAngler,
  putCraft,
  putHouseDocument,
  removeAngler,
  removeCraft,
  usualAnglerId,
  type AnglerRow,
  type CraftRow,
  type HouseRows,
  type StoredEntries,
} from './house-repo';
export { findKeptMarks, forgetOldMarks, keepMarks } from './kept-evaluation-repo';
export {
  addHelmEvent,
  blocksIn,
  endLease,
  forgetOldLeases,
  holdLease,
  keepBlock,
  listHelmEvents,
  type Block,
} from './instrument-repo';
export { insertLeaders, listLeaders, lockLeaders, removeLeaders, setLeaderState } from './leader-repo';
export { benchesWithHelm, countLeases, liveMessagesFrom, putLiveMessage, sweepLiveMessages } from './live-repo';
export type { BrokenRow, Listed } from './listed';
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
  usedInRevisions,
  type BoxPart,
  type BrokenPart,
  type LockedParts,
  type PartRow,
  type RemoveOutcome,
  type ReplaceOutcome,
  type StoredPart,
} from './part-repo';
export { insertReadings, listAllReadings, listReadings, type Reading } from './reading-repo';
export {
  answerRequest,
  claimRequest,
  findRequest,
  forgetOldRequests,
  type ClaimOutcome,
  type RequestRow,
} from './request-repo';
export { listRodHolders, putRodDown, takeRod, type RodHolder } from './rod-holder-repo';
export {
  findPartsThen,
  findRevision,
  findSetup,
  insertSetup,
  listAllSetups,
  listNewest,
  listPartUses,
  listRevisions,
  listSetups,
  renameSetup,
  saveRevision,
  setArchived,
  type NewRevision,
  type PartsThen,
  type ReadRevision,
  type Revision,
  type RevisionHead,
  type SaveOutcome,
  type SetupHead,
} from './setup-repo';
export { addTripEvents, listTripEvents, listTrips, tripAuthors, type TripHead, type TripRow } from './trip-repo';
export { findKeptCells, findPhoto, keepCells, keepPhoto, tripsMadeOf } from './trip-kept-repo';
export { deckRepo, helmRepo, planRepo, spreadRepo, trialRepo, waterRepo, type VersionedRepo } from './versioned-repo';
