import { type ComponentType, useEffect } from 'react';
import { Navigate, useParams } from 'react-router';
import { remember } from '../device/resumeState';
import { isStep, type StepKey, type StepProps } from '../features/session-steps/steps';
import { WithSession } from '../features/session-steps/WithSession';
import { Review } from '../pages/review/Review';
import { CheckInStep } from '../pages/session/CheckInStep';
import { GreenSpeedStep } from '../pages/session/GreenSpeedStep';
import { PuttStep } from '../pages/session/PuttStep';
import { StationsStep } from '../pages/session/StationsStep';
import { WrapUpStep } from '../pages/session/WrapUpStep';

const SCREENS: Record<StepKey, ComponentType<StepProps>> = {
  arrive: CheckInStep,
  green: GreenSpeedStep,
  'set-out': StationsStep,
  roll: PuttStep,
  'look-back': Review,
  'carry-on': WrapUpStep,
};

/** One session at one of its waypoints. */
export function SessionScreen() {
  const { id = '', waypoint } = useParams();
  useEffect(() => {
    if (isStep(waypoint)) {
      remember(id, { path: `/sessions/${id}/${waypoint}` });
    }
  }, [id, waypoint]);
  if (!isStep(waypoint)) {
    return <Navigate to={`/sessions/${id}/arrive`} replace />;
  }
  const Screen = SCREENS[waypoint];
  return (
    <WithSession id={id} at={waypoint}>
      {(session) => <Screen key={`${id} ${waypoint}`} session={session} />}
    </WithSession>
  );
}
