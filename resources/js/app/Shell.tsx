import { useEffect } from 'react';
import { NavLink, Outlet, useLocation, useMatch } from 'react-router';
import styled from 'styled-components';
import { Button, color, narrow, space, touch, type } from '../design';
import { useUpdate } from '../device/useUpdate';
import { useAcceptedEvents, useWaitingCount } from '../server/useOutbox';

const Bar = styled.header`
  display: flex; align-items: center; gap: ${space.m}; padding: 0 ${space.l}; min-height: 56px;
  border-bottom: 1.5px solid ${color.rule}; background: ${color.paper};
  strong { font: 600 1.45rem ${type.serif}; }
  nav { display: flex; gap: ${space.xs}; margin-left: auto; }
  a { display: inline-flex; align-items: center; min-height: ${touch}; padding: 0 12px; color: ${color.ink}; text-decoration: none; }
  a[aria-current] { font-weight: 700; box-shadow: inset 0 -3px ${color.copper}; }
  /* On a phone the drill needs the room; the footpath and the foot of the page lead out of it. */
  ${narrow} { &[data-rolling] { display: none; } padding: 0 ${space.s}; gap: 0; a { padding: 0 7px; } strong { display: none; } nav { margin: 0; flex: 1; justify-content: space-between; } }
`;

const Word = styled.div`
  display: flex; flex-wrap: wrap; align-items: center; justify-content: space-between; gap: ${space.s}; padding: 6px ${space.l};
  background: ${color.copperWash}; border-bottom: 1.5px solid ${color.rule};
  ${narrow} { padding: 4px ${space.m}; }
`;

const PLACES = [
  { to: '/', label: 'Bench' },
  { to: '/students', label: 'Students' },
  { to: '/greens', label: 'Greens' },
  { to: '/drills', label: 'Drills' },
  { to: '/settings', label: 'Settings' },
] as const;

/** What every signed-in screen stands in. */
export function Shell() {
  useAcceptedEvents();
  const isRolling = useMatch('/sessions/:id/drill/:runId') !== null;
  const { pathname } = useLocation();
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new page is read from its top.
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [pathname]);
  const update = useUpdate();
  const waiting = useWaitingCount();
  return (
    <>
      {update.isReady && (
        <Word role="status">
          A newer Amble lies ready. {waiting > 0 && 'What waits to be sent is kept.'}
          <Button onPress={update.load}>Load it</Button>
        </Word>
      )}
      <Bar data-rolling={isRolling || undefined}>
        <strong>Amble</strong>
        <nav aria-label="Places">
          {PLACES.map(({ to, label }) => (
            <NavLink key={to} to={to} end={to === '/'}>
              {label}
            </NavLink>
          ))}
        </nav>
      </Bar>
      <Outlet />
    </>
  );
}
