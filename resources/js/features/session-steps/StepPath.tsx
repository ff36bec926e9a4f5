import { ArrowLeft } from 'lucide-react';
import { Link, NavLink, useNavigate } from 'react-router';
import styled from 'styled-components';
import type { Session } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import { color, Name, narrow, space, touch, type } from '../../design';
import { useKeys } from '../../device/useKeys';
import { useUnits } from '../../units/useUnits';
import { PlanBand } from './PlanBand';
import { after, before, factsOf, STEPS, type StepKey, visitedSteps } from './steps';

const Path = styled.nav`
  display: flex; align-items: stretch; max-width: 1240px; margin: 0 auto; padding: 0 ${space.s};
  ol { list-style: none; display: flex; flex-wrap: wrap; flex: 1; margin: 0; padding: 0; min-width: 0; }
  li { flex: 1 1 0; position: relative; min-width: min-content; }
  li + li::before {
    content: ''; position: absolute; top: 18px; left: calc(-50% + 15px); right: calc(50% + 15px);
    border-top: 3px dotted ${color.edge};
  }
  li[data-trodden] + li::before { border-top-color: ${color.copper}; }
  a {
    display: grid; justify-items: center; align-content: start; min-height: ${touch}; padding: 7px ${space.s} 5px;
    color: ${color.ink}; text-decoration: none; font: 400 1.02rem/1.2 ${type.serif}; text-align: center;
  }
  small { font: 400 0.82rem/1.2 ${type.sans}; color: ${color.pencil}; min-height: 1.2em; }
  a[aria-current] { font-weight: 600; }
  a[aria-current] svg { transform: scale(1.2); }
  & > a { align-content: center; padding: 0 10px; }
  ${narrow} {
    &[data-putting] { display: none; }
    padding: 0;
    ol > li > a { padding: 5px 1px 3px; font-size: 0.82rem; }
    small { font-size: 0.72rem; }
    & > a { display: none; }
  }
  /* Where six do not fit side by side they fold into two rows of three. */
  @media (max-width: 22.4em) { li { flex: 1 1 33%; } li + li::before { display: none; } }
`;

/** While putting a phone shows this instead of the path: back, where one is, on. */
const HandBar = styled.nav`
  display: none;
  ${narrow} {
    display: grid; grid-template-columns: auto minmax(0, 1fr) auto; align-items: center; gap: ${space.s}; padding: 0 ${space.s}; min-height: 52px;
    a { display: inline-flex; align-items: center; min-height: ${touch}; padding: 0 6px; font-weight: 700; text-decoration: none; }
    a[data-here] { flex-direction: column; justify-content: center; color: ${color.ink}; font: 600 1.05rem/1.2 ${type.serif}; text-align: center; min-width: 0; }
    small { font: 400 0.82rem/1.2 ${type.sans}; color: ${color.pencil}; }
  }
`;

const Ground = styled.div`
  border-bottom: 1.5px solid ${color.rule}; background: ${color.leaf};
  @media print { display: none; }
`;

/** A session's way: steps already taken lie behind you with what happened there, and any of them can be gone to. */
export function StepPath({ session, at }: { session: Session; at: StepKey }) {
  const trodden = visitedSteps(session);
  const units = useUnits();
  const facts = factsOf(session, useLog(session).putts.length, units);
  const back = before(at);
  const on = after(at);
  const navigate = useNavigate();
  const go = (to: StepKey) => void navigate(`/sessions/${session.id}/${to}`);
  useKeys([
    ...(on === null ? [] : [{ key: '>', does: `next step: ${on.label}`, act: () => go(on.key) }]),
    ...(back === null ? [] : [{ key: '<', does: `previous step: ${back.label}`, act: () => go(back.key) }]),
  ]);
  return (
    <Ground>
      {at === 'putt' && (
        <HandBar aria-label="Session">
          <Link to="/">‹ Today</Link>
          <Link to={`/sessions/${session.id}/check-in`} data-here>
            <Name>{session.student?.name ?? 'A session'}</Name>
            <small>{['Putt, step 4 of 6', facts['green-speed']].filter((part) => part !== '').join(' · green ')}</small>
          </Link>
          <Link to={`/sessions/${session.id}/review`}>Review ›</Link>
        </HandBar>
      )}
      <Path aria-label="Session steps" data-putting={at === 'putt' || undefined}>
        {back !== null && (
          <Link to={`/sessions/${session.id}/${back.key}`} aria-label={`Back to ${back.label}`}>
            <ArrowLeft size={22} aria-hidden="true" />
          </Link>
        )}
        <ol>
          {STEPS.map(({ key, label }) => (
            <li key={key} data-trodden={trodden.has(key) || undefined}>
              <NavLink to={`/sessions/${session.id}/${key}`}>
                <Stone isHere={key === at} isTrodden={trodden.has(key)} />
                <span>{label}</span>
                <small>
                  <Name>{facts[key]}</Name>
                </small>
              </NavLink>
            </li>
          ))}
        </ol>
      </Path>
      <PlanBand session={session} />
    </Ground>
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
