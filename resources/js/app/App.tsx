import { QueryClientProvider } from '@tanstack/react-query';
import { useEffect } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { Settings } from '../account/Settings';
import { SignIn } from '../account/SignIn';
import { Bench } from '../bench/Bench';
import { ButtonLink, GlobalStyle, Notice, Page } from '../design';
import { DrillCard } from '../drills/DrillCard';
import { DrillEditor } from '../drills/DrillEditor';
import { DrillFiles } from '../drills/DrillFiles';
import { DrillList } from '../drills/Drills';
import { SetOutScreen } from '../drills/SetOutScreen';
import { Greens } from '../greens/Greens';
import { RunScreen } from '../running/RunScreen';
import { client } from '../server/client';
import { outbox } from '../server/outbox';
import { keys, useMe } from '../server/queries';
import { SessionScreen } from '../session/SessionScreen';
import { StudentScreen } from '../students/StudentForm';
import { Students } from '../students/Students';
import { Shell } from './Shell';

/** The whole application. */
export function App() {
  return (
    <QueryClientProvider client={client}>
      <GlobalStyle />
      <BrowserRouter>
        <Doors />
      </BrowserRouter>
    </QueryClientProvider>
  );
}

function Doors() {
  const me = useMe();
  const coachId = me.data?.coach?.id ?? null;
  useEffect(() => outbox.signedIn(coachId), [coachId]);
  useEffect(() => outbox.onSignedOut(() => void client.invalidateQueries({ queryKey: keys.me })), []);
  if (me.data === undefined) {
    return <Page>{me.isError ? <Notice kind="wrong">{me.error.message}</Notice> : <p>Opening …</p>}</Page>;
  }
  if (me.data.coach === null) {
    return (
      <Routes>
        <Route path="*" element={<SignIn />} />
      </Routes>
    );
  }
  return (
    <Routes>
      <Route element={<Shell />}>
        <Route index element={<Bench />} />
        <Route path="students" element={<Students />} />
        <Route path="students/new" element={<StudentScreen />} />
        <Route path="students/:id" element={<StudentScreen />} />
        <Route path="drills" element={<DrillList />} />
        <Route path="drills/new" element={<DrillEditor as="new" />} />
        <Route path="drills/files" element={<DrillFiles />} />
        <Route path="drills/:key" element={<DrillCard />} />
        <Route path="drills/:key/copy" element={<DrillEditor as="copy" />} />
        <Route path="drills/:key/change" element={<DrillEditor as="change" />} />
        <Route path="sessions/:id/drills/:key" element={<SetOutScreen />} />
        <Route path="sessions/:id/drill/:runId" element={<RunScreen />} />
        <Route path="greens" element={<Greens />} />
        <Route path="settings" element={<Settings />} />
        <Route path="sessions/:id" element={<SessionScreen />} />
        <Route path="sessions/:id/:waypoint" element={<SessionScreen />} />
        <Route path="sign-in" element={<Navigate to="/" replace />} />
        <Route path="*" element={<NotHere />} />
      </Route>
    </Routes>
  );
}

function NotHere() {
  return (
    <Page>
      <Notice>
        <p>There is nothing at this address.</p>
        <ButtonLink to="/">To the bench</ButtonLink>
      </Notice>
    </Page>
  );
}
