import { QueryClientProvider } from '@tanstack/react-query';
import { type ComponentType, lazy, Suspense, useEffect } from 'react';
import { createBrowserRouter, Navigate, Outlet, RouterProvider, useRouteError } from 'react-router';
import { SignIn } from '../account/SignIn';
import { Bench } from '../bench/Bench';
import { Button, ButtonLink, GlobalStyle, Notice, Page, Title, useFaces } from '../design';
import { askWhoItIs, client } from '../server/client';
import { forgetErased } from '../server/erased';
import { outbox } from '../server/outbox';
import { followDoor, isOfEarlierVisit, useMe } from '../server/queries';
import { Shell } from './Shell';

/** A screen that is fetched when it is first gone to. */
function later<Props extends object>(load: () => Promise<ComponentType<Props>>) {
  return lazy(async () => ({ default: await load() }));
}

const CheckList = later(async () => (await import('../checks/CheckList')).CheckList);
const CheckScreen = later(async () => (await import('../checks/CheckScreen')).CheckScreen);
const CardScreen = later(async () => (await import('../checks/CardScreen')).CardScreen);
const CardsScreen = later(async () => (await import('../checks/CardsScreen')).CardsScreen);
const CardEditor = later(async () => (await import('../checks/CardEditor')).CardEditor);
const PlanScreen = later(async () => (await import('../plan/PlanScreen')).PlanScreen);
const PlayPage = later(async () => (await import('../play/PlayPage')).PlayPage);
const BehindLink = later(async () => (await import('../pocket/BehindLink')).BehindLink);
const NewPassword = later(async () => (await import('../account/Forgotten')).NewPassword);
const OutboxPage = later(async () => (await import('../account/Forgotten')).OutboxPage);
const BallsTableScreen = later(async () => (await import('../tables/BallsTableScreen')).BallsTableScreen);
const PocketPage = later(async () => (await import('../pocket/PocketPage')).PocketPage);
const ReaderScreen = later(async () => (await import('../reader/ReaderScreen')).ReaderScreen);
const RoundScreen = later(async () => (await import('../play/RoundScreen')).RoundScreen);
const Settings = later(async () => (await import('../account/Settings')).Settings);
const DrillCard = later(async () => (await import('../drills/DrillCard')).DrillCard);
const DrillEditor = later(async () => (await import('../drills/DrillEditor')).DrillEditor);
const DrillFiles = later(async () => (await import('../drills/DrillFiles')).DrillFiles);
const DrillList = later(async () => (await import('../drills/Drills')).DrillList);
const SetOutScreen = later(async () => (await import('../drills/SetOutScreen')).SetOutScreen);
const GuessScreen = later(async () => (await import('../reader/GuessScreen')).GuessScreen);
const Greens = later(async () => (await import('../greens/Greens')).Greens);
const Ledger = later(async () => (await import('../ledger/Ledger')).Ledger);
const RunScreen = later(async () => (await import('../running/RunScreen')).RunScreen);
const WeekScreen = later(async () => (await import('../week/WeekScreen')).WeekScreen);
const SessionScreen = later(async () => (await import('./SessionScreen')).SessionScreen);
const StudentPage = later(async () => (await import('../students/StudentPage')).StudentPage);
const StudentScreen = later(async () => (await import('../students/StudentForm')).StudentScreen);
const Students = later(async () => (await import('../students/Students')).Students);

const router = createBrowserRouter([
  {
    // Behind a private link nobody signs in, and nothing else of the app is asked.
    path: 'pocket/:link',
    element: (
      <Suspense fallback={<p>Opening …</p>}>
        <BehindLink />
      </Suspense>
    ),
    errorElement: <Stumbled />,
  },
  {
    path: 'new-password/:token',
    element: (
      <Suspense fallback={<p>Opening …</p>}>
        <NewPassword />
      </Suspense>
    ),
    errorElement: <Stumbled />,
  },
  {
    path: 'outbox',
    element: (
      <Suspense fallback={<p>Opening …</p>}>
        <OutboxPage />
      </Suspense>
    ),
    errorElement: <Stumbled />,
  },
  {
    element: <Doors />,
    errorElement: <Stumbled />,
    children: [
      {
        element: <Shell />,
        children: [
          {
            // A screen that stumbles leaves the bar, the outbox and every other screen standing.
            errorElement: <Stumbled />,
            children: [
              { index: true, element: <Bench /> },
              { path: 'students', element: <Students /> },
              { path: 'students/new', element: <StudentScreen /> },
              { path: 'students/:id', element: <StudentPage /> },
              { path: 'students/:id/card', element: <StudentScreen /> },
              { path: 'students/:id/play', element: <PlayPage /> },
              { path: 'students/:id/guess', element: <GuessScreen /> },
              { path: 'students/:id/pocket', element: <PocketPage /> },
              { path: 'students/:id/balls-table', element: <BallsTableScreen /> },
              { path: 'students/:id/round', element: <RoundScreen /> },
              { path: 'drills', element: <DrillList /> },
              { path: 'drills/new', element: <DrillEditor as="new" /> },
              { path: 'drills/files', element: <DrillFiles /> },
              { path: 'drills/:key', element: <DrillCard /> },
              { path: 'drills/:key/copy', element: <DrillEditor as="copy" /> },
              { path: 'drills/:key/change', element: <DrillEditor as="change" /> },
              { path: 'sessions/:id/drills/:key', element: <SetOutScreen /> },
              { path: 'sessions/:id/drill/:runId', element: <RunScreen /> },
              { path: 'greens', element: <Greens /> },
              { path: 'week', element: <WeekScreen /> },
              { path: 'reader', element: <ReaderScreen /> },
              { path: 'ledger', element: <Ledger /> },
              { path: 'settings', element: <Settings /> },
              { path: 'sessions/:id/plan', element: <PlanScreen /> },
              { path: 'sessions/:id/checks', element: <CheckList /> },
              { path: 'sessions/:id/checks/:key', element: <CheckScreen /> },
              { path: 'sessions/:id/cards/:key', element: <CardScreen /> },
              { path: 'cards', element: <CardsScreen /> },
              { path: 'cards/:key', element: <CardEditor /> },
              { path: 'sessions/:id', element: <SessionScreen /> },
              { path: 'sessions/:id/:waypoint', element: <SessionScreen /> },
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
function Doors() {
  const me = useMe();
  const hasFaces = useFaces();
  const coachId = me.data?.coach?.id ?? null;
  useEffect(() => outbox.signedIn(coachId), [coachId]);
  useEffect(() => outbox.onSignedOut(askWhoItIs), []);
  useEffect(() => followDoor(client), []);
  const erased = me.data?.erased;
  useEffect(() => void forgetErased(client, outbox, erased ?? []), [erased]);
  if (me.data === undefined) {
    return <Page>{me.isError ? <Notice kind="wrong">{me.error.message}</Notice> : <p>Opening …</p>}</Page>;
  }
  // What this device kept may be from before the coach came in: nobody is shown the door by it.
  if (!hasFaces || (me.data.coach === null && isOfEarlierVisit(me))) {
    return (
      <Page>
        <p>Opening …</p>
      </Page>
    );
  }
  return (
    <Suspense
      fallback={
        <Page>
          <p>Opening …</p>
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
      <Title page="Nothing here">There is nothing at this address</Title>
      <Notice>
        <ButtonLink to="/">To the bench</ButtonLink>
      </Notice>
    </Page>
  );
}

/** A screen that could not be shown: what was entered is with the outbox, which this does not touch. */
function Stumbled() {
  const error = useRouteError();
  return (
    <Page>
      <Title page="Stumbled">This screen stumbled</Title>
      <Notice kind="wrong">
        <p>
          What you entered is on this device and is sent as ever. Load the page again, or go to the bench.
        </p>
        {error instanceof Error && <p>{error.message}</p>}
        <Button look="main" onPress={() => window.location.reload()}>
          Load it again
        </Button>
        <ButtonLink to="/">To the bench</ButtonLink>
      </Notice>
    </Page>
  );
}
