import { useNavigate } from 'react-router';
import { useStartSimulation } from '../../api/queries';
import { Button, Notice } from '../../design';
import { remember } from '../../device/resumeState';

interface BeginWalkProps {
  /** Key of the drill to be tried in it; null for the usual one. */
  drill: string | null;
  label: string;
}

/** Sets a walk along off. */
export function StartSimulation({ drill, label }: BeginWalkProps) {
  const navigate = useNavigate();
  const begin = useStartSimulation((sessionId) => {
    remember(sessionId, { walk: { isOn: true, seen: [], drill } });
    void navigate(`/sessions/${sessionId}/check-in`);
  });
  return (
    <>
      <Button onPress={() => begin.mutate()} isPending={begin.isPending}>
        {label}
      </Button>
      {begin.isError && <Notice kind="wrong">{begin.error.message}</Notice>}
    </>
  );
}
