import { useState } from 'react';
import { isOfEarlierVisit, useDeletedRecords, useMe, useSaveSettings } from '../../api/queries';
import type { Coach } from '../../api/types';
import {
  EditList,
  EditRow,
  labelOf,
  Page,
  Part,
  QuietText,
  Stack,
  StrideByWalking,
  Switch,
  Title,
  Waiting,
} from '../../design';
import { areKeysOn, switchKeys } from '../../device/useKeys';
import { useTheme } from '../../device/useTheme';
import { UNITS } from '../../features/form-choices/formChoices';
import { ChoiceField, LengthField } from '../../features/forms/fields';
import { EditFields } from '../../features/forms/SheetForm';
import { metresOf, summed, typedLength } from '../../features/forms/typed';
import { useUnits } from '../../units/useUnits';
import { AccountRows } from './AccountPart';
import { DeletedPart } from './DeletedPart';
import { RecordsPart } from './RecordsPart';
import { TeachingPreferencesPart } from './TeachingPreferencesPart';

const TREND_SESSIONS = ['2', '3', '4', '6'].map((value) => ({ value, label: value }));

/** The coach's own units and rules, the theme, the records and the account. */
export function Settings() {
  const coach = useMe().data?.coach;
  if (isOfEarlierVisit(useMe()) || coach === null || coach === undefined) {
    return (
      <Page>
        <Waiting title="Settings">Loading …</Waiting>
      </Page>
    );
  }
  return (
    <Page>
      <Stack $gap="l" style={{ maxWidth: 760 }}>
        <Title page="Settings">Settings</Title>
        <Part>
          <h2>Coaching</h2>
          <EditList>
            <CoachRows coach={coach} />
          </EditList>
        </Part>
        <Part>
          <h2>This device</h2>
          <DeviceSettings />
        </Part>
        <Part>
          <h2>Records</h2>
          <EditList>
            <RecordRows />
          </EditList>
        </Part>
        <Part>
          <h2>Account</h2>
          <EditList>
            <AccountRows coach={coach} />
          </EditList>
        </Part>
      </Stack>
    </Page>
  );
}

function CoachRows({ coach }: { coach: Coach }) {
  const units = useUnits();
  const save = useSaveSettings();
  const { unit, stride_m: step, trend_sessions: sessions, three_putt_inside_m: inside } = coach;
  const kept = { unit, stride_m: step, trend_sessions: sessions, three_putt_inside_m: inside };
  return (
    <>
      <EditFields
        label="Units"
        summary={summed(labelOf(UNITS, unit), step !== null && `your step is ${units.show(step, 'roll')}`)}
        values={{ unit, stride_m: typedLength(units, step, 'roll') }}
        save={save}
        draft={(filled) => ({ ...kept, unit: filled.unit, stride_m: metresOf(units, filled.stride_m, 'roll') })}
      >
        {(control, set) => (
          <>
            <ChoiceField control={control} name="unit" label="Units" options={UNITS} />
            <LengthField
              control={control}
              name="stride_m"
              label="Length of your step"
              units={units}
              kind="roll"
              hint="Measure it: a step is rarely exactly a yard."
            />
            <StrideByWalking
              read={(text) => units.read(text, 'roll').metres}
              suffix={units.suffix('roll')}
              onPace={(metres) => set('stride_m', { text: units.exactText(metres, 'roll'), was_m: null })}
            />
          </>
        )}
      </EditFields>
      <EditFields
        label="Trends and three-putts"
        summary={summed(
          `a trend needs ${sessions} sessions`,
          inside !== null && `three-putts flagged inside ${units.show(inside, 'station')}`,
        )}
        values={{ trend_sessions: String(sessions), three_putt_inside_m: typedLength(units, inside, 'station') }}
        save={save}
        draft={(filled) => ({
          ...kept,
          trend_sessions: Number(filled.trend_sessions),
          three_putt_inside_m: metresOf(units, filled.three_putt_inside_m, 'station'),
        })}
      >
        {(control) => (
          <>
            <ChoiceField
              control={control}
              name="trend_sessions"
              label="Sessions needed for a trend"
              options={TREND_SESSIONS}
            />
            <QuietText>One good day proves little. With fewer sessions no trend is shown.</QuietText>
            <LengthField
              control={control}
              name="three_putt_inside_m"
              label="Flag three-putts from inside"
              units={units}
              kind="station"
              hint="Empty: no three-putts are flagged."
            />
          </>
        )}
      </EditFields>
      <EditRow label="Teaching preferences" summary="where coaches differ; a student’s profile may say otherwise">
        {() => <TeachingPreferencesPart />}
      </EditRow>
    </>
  );
}

function DeviceSettings() {
  const [theme, setTheme] = useTheme();
  const [keysOn, setKeysOn] = useState(areKeysOn);
  return (
    <Stack $gap="s">
      <Switch label="Dark theme" isOn={theme === 'evening'} onChange={(isOn) => setTheme(isOn ? 'evening' : 'light')} />
      <Switch
        label="Single-letter shortcuts while putting"
        isOn={keysOn}
        onChange={(isOn) => {
          switchKeys(isOn);
          setKeysOn(isOn);
        }}
      />
      <QuietText>Turn them off if you use voice control. “?” lists the shortcuts of every screen.</QuietText>
    </Stack>
  );
}

function RecordRows() {
  const { students = [], greens = [], sessions = [] } = useDeletedRecords().data ?? {};
  const count = students.length + greens.length + sessions.length;
  return (
    <>
      <EditRow label="Export and import" summary="all records in one file">
        {() => <RecordsPart />}
      </EditRow>
      <EditRow label="Deleted" summary={count === 0 ? 'nothing' : `${count} can be restored`}>
        {() => <DeletedPart />}
      </EditRow>
    </>
  );
}
