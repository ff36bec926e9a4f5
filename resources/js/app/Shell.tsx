import { CalendarDays, Ellipsis, Flag, House, type LucideIcon, Target, UserRound, Waypoints } from 'lucide-react';
import { lazy, Suspense, useEffect, useSyncExternalStore } from 'react';
import { NavLink, Outlet, useLocation, useMatch } from 'react-router';
import styled from 'styled-components';
import { useToday } from '../api/queries';
import { useAcceptedEntries } from '../api/useOutbox';
import { usePending, usePendingCount } from '../api/usePending';
import { Button, color, narrow, Page, space, touch, type, UndoOffer, Unseen, Waiting } from '../design';
import { lastEntered, onAnnounced } from '../device/announce';
import { useUpdate } from '../device/useUpdate';
import { KeySheet } from './KeySheet';

const Bar = styled.header`
  display: flex; align-items: center; gap: 0 ${space.m}; padding: 0 ${space.xl}; min-height: 52px;
  border-bottom: 1px solid ${color.rule}; background: ${color.paper};
  strong { font: 600 1.45rem ${type.serif}; }
  nav { display: flex; flex-wrap: wrap; gap: ${space.s}; margin-left: auto; }
  nav a { display: inline-flex; align-items: center; min-height: ${touch}; padding: 0 8px; color: ${color.ink}; text-decoration: none; }
  nav a svg, nav a span[data-short] { display: none; }
  nav a[aria-current] { font-weight: 700; box-shadow: inset 0 -3px ${color.copper}; }
  /* In the hand the places stand at the bottom, where the thumb is. */
  ${narrow} {
    position: fixed; left: 0; right: 0; bottom: 0; z-index: 4; padding: 0; border: 0; border-top: 1px solid ${color.rule}; background: ${color.leaf};
    strong { display: none; }
    nav { flex: 1; margin: 0; gap: 0; flex-wrap: nowrap; }
    nav a { flex: 1 1 0; min-width: 0; flex-direction: column; justify-content: center; gap: 2px; min-height: 60px; padding: 0; font-size: 0.8rem; text-align: center; }
    nav a svg { display: block; }
    nav a[aria-current] { color: ${color.copper}; box-shadow: none; }
    nav a[data-laptop] { display: none; }
    nav a span[data-long] { display: none; }
    nav a span[data-short] { display: inline; }
    &[data-putting] { display: none; }
  }
`;

/** Room for the bar of places below the last line. */
const Body = styled.div`
  ${narrow} { padding-bottom: 68px; &[data-putting] { padding-bottom: 0; } }
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
  ${narrow} { display: none; }
`;

interface ShownPlace {
  to: string;
  label: string;
  /** Where a phone has no room for the label. */
  short?: string;
  Icon: LucideIcon;
  /** Only where there is room: a phone finds it under More. */
  isOnLaptopOnly?: boolean;
}

const PLACES: readonly ShownPlace[] = [
  { to: '/', label: 'Today', Icon: House },
  { to: '/calendar', label: 'Calendar', Icon: CalendarDays, isOnLaptopOnly: true },
  { to: '/students', label: 'Students', Icon: UserRound },
  { to: '/sessions', label: 'Sessions', Icon: Flag, isOnLaptopOnly: true },
  { to: '/drills', label: 'Drills', Icon: Target },
  { to: '/green-reading', label: 'Green reading', short: 'Reading', Icon: Waypoints },
  { to: '/more', label: 'More', Icon: Ellipsis },
];

// A simulated session is looked at once in a while: its controls are fetched then.
const SimulationBar = lazy(async () => ({
  default: (await import('../features/simulation/SimulationBar')).SimulationBar,
}));

/** What every signed-in screen stands in. */
export function Shell() {
  useAcceptedEntries();
  const isDrill = useMatch('/sessions/:id/drill/:runId') !== null;
  const isFree = useMatch('/sessions/:id/putt') !== null;
  const isPutting = isDrill || isFree;
  const isSimulated = (useToday().data?.simulation ?? null) !== null;
  const { pathname } = useLocation();
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new page is read from its top.
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [pathname]);
  return (
    <>
      <Skip href="#work">Skip to main content</Skip>
      <NewerVersion />
      <PlaceBar isPutting={isPutting} />
      {!isPutting && <NotSynced />}
      <Body data-putting={isPutting || undefined}>
        <Suspense
          fallback={
            <Page>
              <Waiting>Loading …</Waiting>
            </Page>
          }
        >
          <Outlet />
        </Suspense>
        {isSimulated && (
          <Suspense fallback={null}>
            <SimulationBar />
          </Suspense>
        )}
        <Foot>
          <KeySheet />
        </Foot>
      </Body>
      <UndoOffer />
      <Announcer />
    </>
  );
}

/** While putting a phone shows the session's own bar instead. */
function PlaceBar({ isPutting }: { isPutting: boolean }) {
  return (
    <Bar data-putting={isPutting || undefined}>
      <strong>Amble</strong>
      <nav aria-label="Places">
        {PLACES.map(({ to, label, short, Icon, isOnLaptopOnly }) => (
          // A session is no part of their list: its path begins like the list's.
          <NavLink
            key={to}
            to={to}
            end={to === '/' || to === '/sessions'}
            aria-label={label}
            data-laptop={isOnLaptopOnly || undefined}
          >
            <Icon size={22} aria-hidden="true" />
            <span data-long>{label}</span>
            <span data-short>{short ?? label}</span>
          </NavLink>
        ))}
      </nav>
    </Bar>
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
  ${narrow} { bottom: 61px; width: max-content; }
`;

/** One quiet line for what this device still holds; the putting screen says so beside its own figures. */
function NotSynced() {
  const waiting = usePending().filter(({ refused }) => refused === null).length;
  return waiting === 0 ? null : (
    <Quietly role="status">Not synced yet ({waiting}): saved on this device, sent when the server answers.</Quietly>
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
