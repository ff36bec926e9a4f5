import { QueryClientProvider } from '@tanstack/react-query';
import { type ComponentType, lazy, Suspense, useEffect } from 'react';
import { createBrowserRouter, Navigate, Outlet, RouterProvider, useRouteError } from 'react-router';
import { client, fetchSignedIn } from '../api/client';
import { forgetErased } from '../api/forgetErased';
import { outbox } from '../api/outbox';
import { followSignIn, isOfEarlierVisit, useMe } from '../api/queries';
import { Button, ButtonLink, GlobalStyle, Notice, Page, Title, useFaces, Waiting } from '../design';
import { SignIn } from '../pages/account/SignIn';
import { Today } from '../pages/today/Today';
import { Shell } from './Shell';

/** A screen that is fetched when it is first gone to. */
function later<Props extends object>(load: () => Promise<ComponentType<Props>>) {
  return lazy(async () => ({ default: await load() }));
}

const ChecksScreen = later(async () => (await import('../features/checks/ChecksScreen')).ChecksScreen);
const CheckScreen = later(async () => (await import('../features/checks/CheckScreen')).CheckScreen);
const ChecklistScreen = later(async () => (await import('../features/checks/ChecklistScreen')).ChecklistScreen);
const ChecklistsScreen = later(async () => (await import('../features/checks/ChecklistsScreen')).ChecklistsScreen);
const ChecklistEditor = later(async () => (await import('../features/checks/ChecklistEditor')).ChecklistEditor);
const PlanScreen = later(async () => (await import('../pages/plan/PlanScreen')).PlanScreen);
const RoundsPage = later(async () => (await import('../pages/rounds/RoundsPage')).RoundsPage);
const StudentLinkPage = later(async () => (await import('../pages/take-home-card/StudentLinkPage')).StudentLinkPage);
const NewPassword = later(async () => (await import('../pages/account/ForgotPassword')).NewPassword);
const OutboxPage = later(async () => (await import('../pages/account/ForgotPassword')).OutboxPage);
const BallsTableScreen = later(async () => (await import('../pages/balls-table/BallsTableScreen')).BallsTableScreen);
const TakeHomeCardPage = later(async () => (await import('../pages/take-home-card/TakeHomeCardPage')).TakeHomeCardPage);
const GreenReadingScreen = later(
  async () => (await import('../pages/green-reading/GreenReadingScreen')).GreenReadingScreen,
);
const RoundScreen = later(async () => (await import('../pages/rounds/RoundScreen')).RoundScreen);
const Settings = later(async () => (await import('../pages/account/Settings')).Settings);
const DrillPage = later(async () => (await import('../pages/drills/DrillPage')).DrillPage);
const DrillEditor = later(async () => (await import('../pages/drills/DrillEditor')).DrillEditor);
const DrillFiles = later(async () => (await import('../pages/drills/DrillFiles')).DrillFiles);
const DrillList = later(async () => (await import('../pages/drills/Drills')).DrillList);
const DrillSetupScreen = later(async () => (await import('../pages/drills/DrillSetupScreen')).DrillSetupScreen);
const QuizScreen = later(async () => (await import('../pages/green-reading/QuizScreen')).QuizScreen);
const HoleMaps = later(async () => (await import('../pages/green-reading/HoleMaps')).HoleMaps);
const HoleMapScreen = later(async () => (await import('../pages/green-reading/HoleMapScreen')).HoleMapScreen);
const Greens = later(async () => (await import('../pages/greens/Greens')).Greens);
const Sessions = later(async () => (await import('../pages/sessions/Sessions')).Sessions);
const RunScreen = later(async () => (await import('../features/drill-run/RunScreen')).RunScreen);
const CalendarScreen = later(async () => (await import('../pages/calendar/CalendarScreen')).CalendarScreen);
const More = later(async () => (await import('../pages/more/More')).More);
const Help = later(async () => (await import('../pages/help/Help')).Help);
const SessionScreen = later(async () => (await import('./SessionScreen')).SessionScreen);
const StudentPage = later(async () => (await import('../pages/students/StudentPage')).StudentPage);
const StudentScreen = later(async () => (await import('../pages/students/StudentForm')).StudentScreen);
const Students = later(async () => (await import('../pages/students/Students')).Students);

/** Places as earlier versions called them, for bookmarks. */
const FORMER = [
  ['week', '/calendar'],
  ['reader', '/green-reading'],
  ['ledger', '/sessions'],
  ['cards', '/checklists'],
] as const;

const router = createBrowserRouter([
  {
    // Behind a private link nobody signs in, and nothing else of the app is asked.
    path: 'pocket/:link',
    element: (
      <Suspense fallback={<Waiting>Loading …</Waiting>}>
        <StudentLinkPage />
      </Suspense>
    ),
    errorElement: <ErrorPage />,
  },
  {
    path: 'new-password/:token',
    element: (
      <Suspense fallback={<Waiting>Loading …</Waiting>}>
        <NewPassword />
      </Suspense>
    ),
    errorElement: <ErrorPage />,
  },
  {
    path: 'mail',
    element: (
      <Suspense fallback={<Waiting>Loading …</Waiting>}>
        <OutboxPage />
      </Suspense>
    ),
    errorElement: <ErrorPage />,
  },
  {
    element: <SignInGate />,
    errorElement: <ErrorPage />,
    children: [
      {
        element: <Shell />,
        children: [
          {
            // A screen that stumbles leaves the bar, the outbox and every other screen standing.
            errorElement: <ErrorPage />,
            children: [
              { index: true, element: <Today /> },
              { path: 'students', element: <Students /> },
              { path: 'students/new', element: <StudentScreen /> },
              { path: 'students/:id', element: <StudentPage /> },
              { path: 'students/:id/profile', element: <StudentScreen /> },
              { path: 'students/:id/card', element: <Navigate to="../profile" relative="path" replace /> },
              { path: 'students/:id/rounds', element: <RoundsPage /> },
              { path: 'students/:id/guess', element: <QuizScreen /> },
              { path: 'students/:id/take-home-card', element: <TakeHomeCardPage /> },
              { path: 'students/:id/balls-table', element: <BallsTableScreen /> },
              { path: 'students/:id/round', element: <RoundScreen /> },
              { path: 'drills', element: <DrillList /> },
              { path: 'drills/new', element: <DrillEditor as="new" /> },
              { path: 'drills/files', element: <DrillFiles /> },
              { path: 'drills/:key', element: <DrillPage /> },
              { path: 'drills/:key/copy', element: <DrillEditor as="copy" /> },
              { path: 'drills/:key/change', element: <DrillEditor as="change" /> },
              { path: 'sessions/:id/drills/:key', element: <DrillSetupScreen /> },
              { path: 'sessions/:id/drill/:runId', element: <RunScreen /> },
              { path: 'greens', element: <Greens /> },
              { path: 'greens/:id/hole-maps', element: <HoleMaps /> },
              { path: 'hole-maps/:id', element: <HoleMapScreen /> },
              { path: 'calendar', element: <CalendarScreen /> },
              { path: 'green-reading', element: <GreenReadingScreen /> },
              { path: 'sessions', element: <Sessions /> },
              { path: 'settings', element: <Settings /> },
              { path: 'more', element: <More /> },
              { path: 'help', element: <Help /> },
              { path: 'sessions/:id/plan', element: <PlanScreen /> },
              { path: 'sessions/:id/checks', element: <ChecksScreen /> },
              { path: 'sessions/:id/checks/:key', element: <CheckScreen /> },
              { path: 'sessions/:id/cards/:key', element: <ChecklistScreen /> },
              { path: 'checklists', element: <ChecklistsScreen /> },
              { path: 'checklists/:key', element: <ChecklistEditor /> },
              { path: 'sessions/:id', element: <SessionScreen /> },
              { path: 'sessions/:id/:step', element: <SessionScreen /> },
              ...FORMER.map(([path, to]) => ({ path, element: <Navigate to={to} replace /> })),
              { path: 'sign-in', element: <Navigate to="/" replace /> },
              { path: '*', element: <NotHere /> },
            ],
          },
        ],
      },
    ],
  },
]);

/** The whole application. */
export function App() {
  return (
    <QueryClientProvider client={client}>
      <GlobalStyle />
      <RouterProvider router={router} />
    </QueryClientProvider>
  );
}

/** Whoever is signed in goes through; anybody else is asked in. */
function SignInGate() {
  const me = useMe();
  const hasFaces = useFaces();
  const coachId = me.data?.coach?.id ?? null;
  useEffect(() => outbox.signedIn(coachId), [coachId]);
  useEffect(() => outbox.onSignedOut(fetchSignedIn), []);
  useEffect(() => followSignIn(client), []);
  const erased = me.data?.erased;
  useEffect(() => void forgetErased(client, outbox, erased ?? []), [erased]);
  if (me.data === undefined) {
    return <Page>{me.isError ? <Notice kind="wrong">{me.error.message}</Notice> : <Waiting>Loading …</Waiting>}</Page>;
  }
  // What this device kept may be from before the coach came in: nobody is shown the door by it.
  if (!hasFaces || (me.data.coach === null && isOfEarlierVisit(me))) {
    return (
      <Page>
        <Waiting>Loading …</Waiting>
      </Page>
    );
  }
  return (
    <Suspense
      fallback={
        <Page>
          <Waiting>Loading …</Waiting>
        </Page>
      }
    >
      {me.data.coach === null ? <SignIn /> : <Outlet />}
    </Suspense>
  );
}

function NotHere() {
  return (
    <Page>
      <Title page="Page not found">Page not found</Title>
      <Notice>
        <ButtonLink to="/">Go to Today</ButtonLink>
      </Notice>
    </Page>
  );
}

/** A screen that could not be shown: what was entered is with the outbox, which this does not touch. */
function ErrorPage() {
  const error = useRouteError();
  return (
    <Page>
      <Title page="Error">This screen could not be shown</Title>
      <Notice kind="wrong">
        <p>Your entries are saved on this device and are still sent. Reload the page, or go to Today.</p>
        {error instanceof Error && <p>{error.message}</p>}
        <Button look="main" onPress={() => window.location.reload()}>
          Reload
        </Button>
        <ButtonLink to="/">Go to Today</ButtonLink>
      </Notice>
    </Page>
  );
}
