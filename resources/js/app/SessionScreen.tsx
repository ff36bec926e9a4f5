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
  'check-in': CheckInStep,
  'green-speed': GreenSpeedStep,
  stations: StationsStep,
  putt: PuttStep,
  review: Review,
  'wrap-up': WrapUpStep,
};

/** Steps as earlier versions called them: bookmarks, and where a device says a coach stood. */
const FORMER: Readonly<Record<string, StepKey>> = {
  arrive: 'check-in',
  green: 'green-speed',
  'set-out': 'stations',
  roll: 'putt',
  'look-back': 'review',
  'carry-on': 'wrap-up',
};

/** One session at one of its steps. */
export function SessionScreen() {
  const { id = '', step } = useParams();
  useEffect(() => {
    if (isStep(step)) {
      remember(id, { path: `/sessions/${id}/${step}` });
    }
  }, [id, step]);
  if (!isStep(step)) {
    return <Navigate to={`/sessions/${id}/${FORMER[step ?? ''] ?? 'check-in'}`} replace />;
  }
  const Screen = SCREENS[step];
  return (
    <WithSession id={id} at={step}>
      {(session) => <Screen key={`${id} ${step}`} session={session} />}
    </WithSession>
  );
}
