import { Suspense, useEffect, useSyncExternalStore } from 'react';
import { NavLink, Outlet, useLocation, useMatch } from 'react-router';
import styled from 'styled-components';
import { useAcceptedEntries } from '../api/useOutbox';
import { usePending, usePendingCount } from '../api/usePending';
import { Button, color, narrow, Page, space, touch, type, Unseen } from '../design';
import { lastEntered, onAnnounced } from '../device/announce';
import { useUpdate } from '../device/useUpdate';
import { SimulationBar } from '../features/simulation/SimulationBar';
import { KeySheet } from './KeySheet';

const Bar = styled.header`
  display: flex; flex-wrap: wrap; align-items: center; gap: 0 ${space.m}; padding: 0 ${space.l}; min-height: 52px;
  border-bottom: 1.5px solid ${color.rule}; background: ${color.paper};
  strong { font: 600 1.45rem ${type.serif}; }
  nav { display: flex; flex-wrap: wrap; gap: ${space.xs}; margin-left: auto; }
  nav a { display: inline-flex; align-items: center; min-height: ${touch}; padding: 0 12px; color: ${color.ink}; text-decoration: none; }
  nav a[aria-current] { font-weight: 700; box-shadow: inset 0 -3px ${color.ink}; }
  /* On a phone the drill needs the room; the footpath and the foot of the page lead out of it. */
  ${narrow} { &[data-rolling] { display: none; } padding: 0 ${space.s}; gap: 0; nav a { padding: 0 1px; font-size: 0.77rem; } strong { display: none; } nav { margin: 0; flex: 1; justify-content: space-between; } }
`;

const Skip = styled.a`
  position: absolute; left: ${space.s}; top: -80px; z-index: 20; padding: 12px 18px; background: ${color.leaf}; color: ${color.ink}; border: 2px solid ${color.ink}; border-radius: 6px;
  &:focus { top: ${space.s}; }
`;

const Word = styled.div`
  display: flex; flex-wrap: wrap; align-items: center; justify-content: space-between; gap: ${space.s}; padding: 6px ${space.l};
  background: ${color.leaf}; border-bottom: 1.5px solid ${color.rule};
  ${narrow} { padding: 4px ${space.m}; }
`;

const Foot = styled.footer`
  display: flex; flex-wrap: wrap; justify-content: flex-end; gap: ${space.s}; max-width: 1240px; margin: 0 auto; padding: 0 ${space.m} ${space.m};
  @media print { display: none; }
`;

const PLACES = [
  { to: '/', label: 'Today' },
  { to: '/calendar', label: 'Calendar' },
  { to: '/students', label: 'Students' },
  { to: '/greens', label: 'Greens' },
  { to: '/drills', label: 'Drills' },
  { to: '/green-reading', label: 'Green reading' },
  { to: '/sessions', label: 'Sessions' },
  { to: '/settings', label: 'Settings' },
] as const;

/** What every signed-in screen stands in. */
export function Shell() {
  useAcceptedEntries();
  const isDrill = useMatch('/sessions/:id/drill/:runId') !== null;
  const isFree = useMatch('/sessions/:id/putt') !== null;
  const isRolling = isDrill || isFree;
  const { pathname } = useLocation();
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new page is read from its top.
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [pathname]);
  return (
    <>
      <Skip href="#work">Skip to main content</Skip>
      <NewerVersion />
      <Bar data-rolling={isRolling || undefined}>
        <strong>Amble</strong>
        <nav aria-label="Places">
          {PLACES.map(({ to, label }) => (
            // A session is no part of their list: its path begins like the list's.
            <NavLink key={to} to={to} end={to === '/' || to === '/sessions'}>
              {label}
            </NavLink>
          ))}
        </nav>
      </Bar>
      {!isRolling && <NotSent />}
      <Suspense
        fallback={
          <Page>
            <p>Loading …</p>
          </Page>
        }
      >
        <Outlet />
      </Suspense>
      <SimulationBar />
      <Foot>
        <KeySheet />
      </Foot>
      <Announcer />
    </>
  );
}

function NewerVersion() {
  const update = useUpdate();
  const waiting = usePendingCount();
  return update.isReady ? (
    <Word role="status">
      A new version of Amble is ready. {waiting > 0 && 'Entries that are not synced yet are kept.'}
      <Button onPress={update.load}>Reload</Button>
    </Word>
  ) : null;
}

/** Over the foot of the page, so that nothing moves under a hand when it comes and goes. */
const Quietly = styled.div`
  position: fixed; left: 50%; bottom: 0; transform: translateX(-50%); z-index: 3; pointer-events: none; max-width: 100%; padding: 4px 14px;
  border: 1.5px solid ${color.rule}; border-bottom: 0; border-radius: 6px 6px 0 0; background: ${color.leaf}; font-size: 0.95rem;
`;

/** One quiet line for what this device still holds; what is rolled says so beside its own figures. */
function NotSent() {
  const waiting = usePending().filter(({ refused }) => refused === null).length;
  return waiting === 0 ? null : (
    <Quietly role="status">{waiting} not synced yet: saved on this device, sent when the server answers.</Quietly>
  );
}

/** Says once, to those who listen, what has changed. */
function Announcer() {
  const said = useSyncExternalStore(onAnnounced, lastEntered);
  return (
    <Unseen role="status" aria-live="polite">
      {said}
    </Unseen>
  );
}
