import { NavLink } from 'react-router';
import styled from 'styled-components';
import { color, narrow, space, touch, type } from '../design';
import type { Session } from '../server/types';
import { troddenWaypoints, WAYPOINTS, type WaypointKey } from './walk';

const Path = styled.nav`
  border-bottom: 1.5px solid ${color.rule}; background: ${color.leaf};
  ol { list-style: none; display: flex; margin: 0 auto; padding: 0 ${space.s}; max-width: 1240px; overflow-x: auto; }
  li { flex: 1 1 0; position: relative; min-width: max-content; }
  li + li::before {
    content: ''; position: absolute; top: 22px; left: calc(-50% + 15px); right: calc(50% + 15px);
    border-top: 3px dotted ${color.edge};
  }
  li[data-trodden] + li::before { border-top-color: ${color.copper}; }
  a {
    display: grid; justify-items: center; align-content: start; gap: 2px; min-height: ${touch}; padding: 12px ${space.s} 8px;
    color: ${color.ink}; text-decoration: none; font: 400 1.02rem ${type.serif};
  }
  a[aria-current] { font-weight: 600; }
  a[aria-current] svg { transform: scale(1.2); }
  ${narrow} {
    a { padding: 12px 6px 6px; font-size: 0.88rem; }
    ol { padding: 0; }
  }
`;

/** A session's way: steps already taken lie behind you, and any of them can be gone to. */
export function Footpath({ session, at }: { session: Session; at: WaypointKey }) {
  const trodden = troddenWaypoints(session);
  return (
    <Path aria-label="Session waypoints">
      <ol>
        {WAYPOINTS.map(({ key, label }) => (
          <li key={key} data-trodden={trodden.has(key) || undefined}>
            <NavLink to={`/sessions/${session.id}/${key}`} replace>
              <Stone isHere={key === at} isTrodden={trodden.has(key)} />
              {label}
            </NavLink>
          </li>
        ))}
      </ol>
    </Path>
  );
}

/** A stepping stone: filled once there is something behind it, ringed where you stand. */
function Stone({ isHere, isTrodden }: { isHere: boolean; isTrodden: boolean }) {
  return (
    <svg width="30" height="22" viewBox="-15 -11 30 22" aria-hidden="true">
      <path
        d="M-9 1 C-10 -6 -3 -8 2 -7 C8 -6 11 -2 9 3 C7 7 0 8 -4 7 C-7 6 -9 4 -9 1 Z"
        fill={isTrodden ? color.copper : color.leaf}
        stroke={isHere ? color.ink : isTrodden ? color.copper : color.edge}
        strokeWidth={isHere ? 2.6 : 1.6}
      />
    </svg>
  );
}
