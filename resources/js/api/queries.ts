/** Server state and the ways to change it, a file a place. */

export {
  type BookingDraft,
  useBooking,
  useCalendarWeek,
  useFeed,
  useImportCalendar,
  useSendBookingMessage,
} from './calendarQueries';
export {
  type CardDraft,
  type PutterDraft,
  useCheckCatalogue,
  useDeleteChecklist,
  useDeletePutter,
  useFaceAndPath,
  useGreenStations,
  usePutters,
  useReminders,
  useSaveChecklist,
  useSavePreferences,
  useSavePutter,
  useSaveStudentProfile,
  useStudentChecks,
  useStudentProfile,
  useTakePutter,
} from './checkQueries';
export { useCurrentGoals, useSaveCurrentGoals } from './currentGoalsQueries';
export {
  readSimulated,
  type SavedTable,
  useDevices,
  useImportBalls,
  usePreviewBalls,
} from './deviceQueries';
export {
  type AtHand,
  fetchDrillsFile,
  type PlannedDrill,
  useDeleteDrill,
  useDeleteLengthSet,
  useDrillCheck,
  useDrillKinds,
  useDrillResults,
  useDrillSetup,
  useDrills,
  useFittingDrills,
  useImportDrills,
  useLaidOut,
  useLayLengths,
  useLengthSets,
  usePreviewDrills,
  useRun,
  useSaveDrill,
  useSaveLengthSet,
  useStartRun,
} from './drillQueries';
export { clearLinkedData, type StartedHomeDrill, useLinkedSession, useStartHomeDrill } from './homeDrillQueries';
export { sendHome, useAnswerHomework, useHomework } from './homeworkQueries';
export { isOfEarlierVisit, keys } from './keys';
export {
  type AccountChange,
  followSignIn,
  type ImpliedBy,
  type Settings,
  useAuthentication,
  useChangeAccount,
  useDeletionPreview,
  useMe,
  useSaveSettings,
  useSignedInDevices,
  useTwoStepSignIn,
} from './meQueries';
export { useMailMessages, useNewPassword, usePasswordReset } from './passwordResetQueries';
export { type PlanWanted, useDebrief, usePlanProgress, useProposedPlan, useRota } from './planQueries';
export { Cancelled } from './progress';
export {
  type RollOrChipForm,
  useDeleteRead,
  useRead,
  useReadingHints,
  useRollOrChip,
  useSavedReads,
  useSaveRead,
  useStationSlopes,
  useUnitsSlip,
} from './puttReadQueries';
export { type Called, type QuizRequest, useQuiz, useQuizAnswer } from './readingQuizQueries';
export {
  useEraseStudent,
  useImportRecords,
  useKeepRecords,
  useStudentDeletionPreview,
} from './recordQueries';
export {
  type BallFilter,
  type ComparedSelection,
  comparePath,
  type ReportOf,
  reportPath,
  useComparison,
  useMeasureReport,
  useTrend,
} from './reportQueries';
export {
  type BenchmarkDraft,
  type HoleDraft,
  keepRound,
  type RoundDraft,
  useDeleteBenchmark,
  useDeleteRound,
  useRoundSummary,
  useSaveBenchmark,
  useStrokesAtStake,
} from './roundQueries';
export {
  addGreen,
  addStudent,
  doubtsAbout,
  type GreenDraft,
  lastNote,
  planSession,
  type ReadingDraft,
  type SessionChange,
  type SessionSight,
  type StudentDraft,
  startPlanned,
  startSession,
  useAskedLength,
  useBallHistory,
  useChangeSession,
  useObservationTypes,
  usePrefetchSessions,
  useSaveMeasurement,
  useSession,
  useStrokeReport,
  useToday,
  useWhatIf,
} from './sessionQueries';
export { nextStep, useDeleteSimulation, useStartSimulation } from './simulationQueries';
export {
  type TakeHomeCardDraft,
  useLinkedCard,
  useSaveTakeHomeCard,
  useTakeHomeCard,
  useTakeHomeCardLink,
} from './takeHomeCardQueries';
export {
  type Record,
  useDelete,
  useDeletedRecords,
  useSaveGreen,
  useSaveStudent,
  useSessionHistory,
  type Wanted,
} from './todayQueries';
