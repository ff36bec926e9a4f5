/** Server state and the ways to change it, a file a place. */

export { nextStep, useBeginWalk, useClearWalk } from './alongQueries';
export {
  type Record,
  useKeepGreen,
  useKeepStudent,
  useLedger,
  usePutAway,
  usePutAwayRecords,
  type Wanted,
} from './benchQueries';
export {
  type CardDraft,
  type PutterDraft,
  useAbout,
  useCheckBook,
  useDropCard,
  useDropPutter,
  useFaceAndPath,
  useGreenStations,
  useKeepAbout,
  useKeepCard,
  useKeepPutter,
  useKeepSchools,
  usePutters,
  useRemember,
  useStudentChecks,
  useTakePutter,
} from './checkQueries';
export {
  readSimulated,
  type SaidTable,
  useDevices,
  usePreviewBalls,
  useTakeBallsIn,
} from './deviceQueries';
export {
  type AtHand,
  fetchDrillsFile,
  type PlannedDrill,
  useDrillCheck,
  useDrillKinds,
  useDrills,
  useDropDrill,
  useDropLengthSet,
  useFittingDrills,
  useFoundRuns,
  useKeepDrill,
  useKeepLengthSet,
  useLaidOut,
  useLayLengths,
  useLengthSets,
  usePreviewDrills,
  useRun,
  useSetOut,
  useStartRun,
  useTakeInDrills,
} from './drillQueries';
export { useForgotten, useLetters, useNewPassword } from './forgottenQueries';
export { type Called, type TenWanted, useGuess, useGuessTen } from './guessQueries';
export { type Begun, forgetBehindLink, useBeginAtHome, useBehindLink } from './homeDrillQueries';
export { sendHome, useAnswerHome, useHome } from './homeQueries';
export { useInWork, useKeepInWork } from './inWorkQueries';
export { isOfEarlierVisit, keys } from './keys';
export {
  type Beside,
  besidePath,
  type LookFilter,
  type LookOf,
  lookPath,
  useBeside,
  useCourse,
  useLook,
} from './lookQueries';
export {
  type AccountChange,
  followDoor,
  type Settings,
  type ToldBy,
  useChangeAccount,
  useDoor,
  useGoes,
  useKeepSettings,
  useMe,
  useSecondFactor,
  useSignIns,
} from './meQueries';
export { type PlanWanted, useDebrief, usePlanProposed, usePlanTold, useRota } from './planQueries';
export {
  type BenchmarkDraft,
  type HoleDraft,
  keepRound,
  type RoundDraft,
  useDropBenchmark,
  useDropRound,
  useKeepBenchmark,
  usePlay,
  useStakes,
} from './playQueries';
export { type PocketDraft, useCardBehind, useKeepPocket, usePocket, usePocketLink } from './pocketQueries';
export { Cancelled } from './progress';
export {
  type BesideGreen,
  useDropRead,
  useKeepRead,
  useKeptReads,
  useRead,
  useReadingHints,
  useRollOrChip,
  useStationSlopes,
  useUnitsSlip,
} from './readQueries';
export { useEraseStudent, useKeepRecords, useStudentGoes, useTakeRecordsIn } from './recordQueries';
export {
  addGreen,
  addStudent,
  doubtsAbout,
  type GreenDraft,
  lastNote,
  type ReadingDraft,
  type SessionChange,
  type SessionSight,
  type StudentDraft,
  startSession,
  useAskedLength,
  useBallHistory,
  useBench,
  useChangeSession,
  useKeepReading,
  useSeenKinds,
  useSession,
  useStrokeReport,
  useTakeAlong,
  useWhatIf,
} from './sessionQueries';
export { type BookingDraft, useBooking, useFeed, useLetter, useTakeCalendar, useWeek } from './weekQueries';
