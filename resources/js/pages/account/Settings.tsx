import { useState } from 'react';
import { fieldError } from '../../api/api';
import { isOfEarlierVisit, useMe, useSaveSettings } from '../../api/queries';
import {
  Button,
  Entry,
  Notice,
  OneOf,
  Page,
  Part,
  QuietText,
  Row,
  Stack,
  StrideByWalking,
  Title,
  useFirstError,
} from '../../design';
import { areKeysOn, switchKeys } from '../../device/useKeys';
import { useTheme } from '../../device/useTheme';
import type { Unit } from '../../units/length';
import { useUnits } from '../../units/useUnits';
import { AccountPart } from './AccountPart';
import { DeletedPart } from './DeletedPart';
import { RecordsPart } from './RecordsPart';
import { TeachingPreferencesPart } from './TeachingPreferencesPart';

const UNITS = [
  { value: 'feet', label: 'Feet and inches' },
  { value: 'metres', label: 'Metres' },
  { value: 'paces', label: 'Steps and feet' },
] as const;
const THEMES = [
  { value: 'light', label: 'Light' },
  { value: 'evening', label: 'Dark' },
] as const;

const TREND_SESSIONS = ['2', '3', '4', '6'].map((value) => ({ value, label: `${value} sessions` }));

/** The coach's own units and pace, the light, and the way out. */
export function Settings() {
  return isOfEarlierVisit(useMe()) ? <Page>Loading …</Page> : <SettingsForm />;
}

function SettingsForm() {
  const coach = useMe().data?.coach;
  const units = useUnits();
  const keep = useSaveSettings();
  const [theme, setTheme] = useTheme();
  const [keysOn, setKeysOn] = useState(areKeysOn);
  const [unit, setUnit] = useState<Unit>(units.choice.unit);
  const [pace, setPace] = useState(units.text(units.choice.paceLength, 'roll'));
  const [sessions, setSessions] = useState(String(coach?.trend_sessions ?? 3));
  const [inside, setInside] = useState(units.text(coach?.three_putt_inside_m ?? null, 'station'));
  const [insideError, setInsideError] = useState<string | null>(null);
  const [paceError, setPaceError] = useState<string | null>(null);
  useFirstError(keep.error ?? paceError ?? insideError);
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    const read = units.reread(pace, units.choice.paceLength, 'roll');
    const from = units.reread(inside, coach?.three_putt_inside_m ?? null, 'station');
    setPaceError(read.error);
    setInsideError(from.error);
    if (read.error === null && from.error === null) {
      keep.mutate({
        unit,
        stride_m: read.metres,
        trend_sessions: Number(sessions),
        three_putt_inside_m: from.metres,
      });
    }
  };
  return (
    <Page>
      <Stack $gap="l" style={{ maxWidth: 640 }}>
        <Title page="Settings">Settings</Title>
        <Part as="form" onSubmit={submit} noValidate>
          <h2>Lengths and trends</h2>
          {keep.isError && fieldError(keep.error, 'stride_m') === null && (
            <Notice kind="wrong">{keep.error.message}</Notice>
          )}
          <OneOf label="Units" options={UNITS} value={unit} onChange={setUnit} />
          <Entry
            label="Length of your step"
            value={pace}
            onChange={setPace}
            suffix={units.suffix('roll')}
            hint="Measure it: a step is rarely exactly a yard."
            error={paceError ?? fieldError(keep.error, 'stride_m')}
          />
          <StrideByWalking
            read={(text) => units.read(text, 'roll').metres}
            suffix={units.suffix('roll')}
            onPace={(metres) => setPace(units.exactText(metres, 'roll'))}
          />
          <OneOf
            label="Sessions needed for a trend"
            options={TREND_SESSIONS}
            value={sessions}
            onChange={setSessions}
            error={fieldError(keep.error, 'trend_sessions')}
          />
          <Entry
            label="Flag three-putts from inside"
            value={inside}
            onChange={setInside}
            suffix={units.suffix('station')}
            hint="Empty: no three-putts are flagged."
            error={insideError ?? fieldError(keep.error, 'three_putt_inside_m')}
          />
          <QuietText>One good day proves little. With fewer sessions no trend is shown.</QuietText>
          <Row>
            <Button look="main" type="submit" isPending={keep.isPending}>
              Save
            </Button>
            {keep.isSuccess && <QuietText role="status">Saved.</QuietText>}
          </Row>
        </Part>
        <Part>
          <h2>Keyboard shortcuts</h2>
          <OneOf
            label="Single-letter shortcuts while putting"
            options={[
              { value: 'on', label: 'On' },
              { value: 'off', label: 'Off' },
            ]}
            value={keysOn ? 'on' : 'off'}
            onChange={(value) => {
              switchKeys(value === 'on');
              setKeysOn(value === 'on');
            }}
          />
          <QuietText>Turn them off if you use voice control. “?” lists the shortcuts of every screen.</QuietText>
        </Part>
        <TeachingPreferencesPart />
        <DeletedPart />
        <RecordsPart />
        <Part>
          <h2>Theme</h2>
          <OneOf label="Theme" options={THEMES} value={theme} onChange={setTheme} />
        </Part>
        <AccountPart />
      </Stack>
    </Page>
  );
}
