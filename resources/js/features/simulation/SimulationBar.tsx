import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { useDeleteSimulation, useSession, useToday } from '../../api/queries';
import type { Session } from '../../api/types';
import { Button, color, Notice, narrow, OneOf, Row, space, type, wide } from '../../design';
import { type Pace, useSimulation } from './useSimulation';

const Bar = styled.section`
  position: sticky; bottom: 0; z-index: 4; display: grid; gap: ${space.s} ${space.l}; align-items: center; padding: ${space.s} ${space.l};
  border-top: 3px solid ${color.ink}; background: ${color.leaf};
  & > p { font: 400 1.08rem/1.4 ${type.serif}; min-height: 2.8em; }
  ${wide} { grid-template-columns: minmax(0, 1fr) auto; }
  ${narrow} {
    padding: 6px ${space.m};
    & > p { font-size: 1rem; }
    & > [data-hand] { flex-wrap: nowrap; overflow-x: auto; scrollbar-width: none; & > * { flex: none; } button { padding: 0 10px; } }
  }
  @media print { display: none; }
`;

const PACES: readonly { value: Pace; label: string }[] = [
  { value: 'walk', label: 'Slow' },
  { value: 'brisk', label: 'Normal' },
  { value: 'at once', label: 'Instant' },
];

/** Under whatever screen it is at: what a walk along does and why, and the hand on it. */
export function SimulationBar() {
  const id = useToday().data?.simulation ?? null;
  return id === null ? null : <SimulationOf key={id} id={id} />;
}

function SimulationOf({ id }: { id: string }) {
  const sight = useSession(id);
  return sight.status === 'open' ? <SimulationControls session={sight.session} /> : null;
}

function SimulationControls({ session }: { session: Session }) {
  const walk = useSimulation(session);
  const navigate = useNavigate();
  const clear = useDeleteSimulation(() => void navigate('/'));
  return (
    <Bar aria-label="Simulated student">
      <p>
        <strong>Simulated student, made-up data.</strong>{' '}
        {walk.said ?? (walk.isOn ? 'Starting …' : 'Paused. You have taken over.')}
      </p>
      {walk.problem !== null && <Notice kind="wrong">Stopped. {walk.problem}</Notice>}
      {clear.isError && <Notice kind="wrong">{clear.error.message}</Notice>}
      <Row $gap="s" data-hand>
        {!walk.isOver && (
          <>
            <Button look="main" onPress={() => walk.turn(!walk.isOn)}>
              {walk.isOn ? 'Take over' : 'Continue'}
            </Button>
            <OneOf label="Speed" isLabelHidden isRow options={PACES} value={walk.pace} onChange={walk.setPace} />
          </>
        )}
        <Button onPress={() => clear.mutate(session.id)} isPending={clear.isPending}>
          Delete simulation
        </Button>
      </Row>
    </Bar>
  );
}
