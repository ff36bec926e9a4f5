import { useNavigate } from 'react-router';
import { useChangeSession } from '../../api/queries';
import type { Session } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import {
  AnyOf,
  Button,
  ButtonLink,
  Columns,
  Entry,
  Fold,
  Head,
  InsightCard,
  MarginWord,
  Notice,
  OneOf,
  Page,
  QuietText,
  Row,
  SentenceText,
  Stack,
  Title,
  Waiting,
} from '../../design';
import { announce } from '../../device/announce';
import { OutboxNotices } from '../../features/balls/OutboxNotices';
import { OfSession } from '../../features/checks/CheckOfSession';
import { EQUIPMENT } from '../../lane/equipment';
import { BlockList } from './BlockList';
import { RotaPart } from './RotaPart';
import { usePlanning } from './usePlanning';

/** What a session is to hold: proposed from what is known and at hand, set by the coach, and kept. */
export function PlanScreen() {
  return <OfSession>{(session) => <Planning key={session.id} session={session} />}</OfSession>;
}

const MINUTES = ['5', '15', '30', '45', '60'];

function Planning({ session }: { session: Session }) {
  const planning = usePlanning(session);
  const { plan } = planning;
  const change = useChangeSession(session.id);
  const navigate = useNavigate();
  const log = useLog(session);
  const take = () => {
    void change({ minutes: planning.minutes, plan: planning.kept() });
    announce('Plan saved');
    void navigate(
      session.is_planned && session.student !== null
        ? `/students/${session.student.id}`
        : `/sessions/${session.id}/${session.measurement_is_of_the_day ? 'stations' : 'green-speed'}`,
    );
  };
  return (
    <Page data-margin>
      <Stack $gap="l">
        <Head>
          <Title page={`Plan · ${session.student?.name ?? 'A session'}`}>
            A plan for {planning.minutes ?? '…'} minutes
            {session.is_planned && session.student !== null && ` with ${session.student.name}`}
          </Title>
          <Button look="main" isDisabled={plan === null || plan.blocks.length === 0} onPress={take}>
            Use this plan
          </Button>
        </Head>
        <OutboxNotices log={log} words={() => ''} />
        <AtHand planning={planning} />
        {planning.error !== null && <Notice kind="wrong">{planning.error}</Notice>}
        {plan === null ? (
          planning.error === null && <Waiting>Planning …</Waiting>
        ) : (
          <>
            {plan.clashes
              .filter(({ block }) => block === null)
              .map(({ says }) => (
                <Notice key={says} kind="wrong">
                  {says}
                </Notice>
              ))}
            {plan.blocks.length === 0 ? (
              <SentenceText>Nothing fits. Allow more minutes, or more equipment.</SentenceText>
            ) : (
              <BlockList planning={planning} plan={plan} />
            )}
            <Row>
              {planning.isSet && <Button onPress={planning.startAnew}>Plan again</Button>}
              {session.plan !== null && (
                <Button
                  look="bare"
                  onPress={() => {
                    void change({ plan: null });
                    announce('The plan is removed');
                  }}
                >
                  Remove the plan
                </Button>
              )}
              {!session.is_planned && (
                <ButtonLink look="bare" to={`/sessions/${session.id}/check-in`}>
                  Back to Check-in
                </ButtonLink>
              )}
              {session.is_planned && <QuietText>The plan waits for the next session of this student.</QuietText>}
            </Row>
            {session.group_members.length > 1 && <RotaPart session={session} minutes={plan.minutes} />}
          </>
        )}
      </Stack>
      <InsightCard notes={[]}>
        {plan !== null && (
          <MarginWord>
            <h2>
              {plan.planned} of {plan.minutes} minutes
            </h2>
            <p>
              Move, swap, shorten or remove blocks. What you change is locked, and the rest is planned around it.
              Minutes come from your own sessions where a drill has been run, else from the drill.
            </p>
          </MarginWord>
        )}
        <MarginWord>
          <h2>How the plan is made</h2>
          <p>
            From what each fault costs, the complaint, recent promises and practice, teaching preferences, equipment and
            the green. At most two things are worked on, and ball limits are kept.
          </p>
        </MarginWord>
      </InsightCard>
    </Page>
  );
}

function AtHand({ planning }: { planning: ReturnType<typeof usePlanning> }) {
  return (
    <Stack $gap="s">
      <Columns>
        <Stack $gap="s">
          <Entry
            label="Minutes"
            value={planning.minutesText}
            onChange={planning.typeMinutes}
            inputMode="numeric"
            suffix="min"
            error={planning.minutesError}
          />
          <OneOf
            label="Usual lengths"
            isLabelHidden
            isRow
            options={MINUTES.map((value) => ({ value, label: value }))}
            value={MINUTES.includes(planning.minutesText) ? planning.minutesText : null}
            onChange={planning.typeMinutes}
          />
        </Stack>
        <OneOf
          label="Hole"
          options={[
            { value: 'yes', label: 'Available' },
            { value: 'no', label: 'None' },
          ]}
          value={planning.hasHole ? 'yes' : 'no'}
          onChange={(answer) => planning.setHasHole(answer === 'yes')}
        />
      </Columns>
      <Fold label={planning.bag === null ? 'Equipment: any' : `Equipment available: ${planning.bag.length}`}>
        <Stack $gap="s">
          <AnyOf
            label="Equipment available"
            options={EQUIPMENT}
            values={planning.bag ?? []}
            onChange={planning.setBag}
          />
          {planning.bag !== null && (
            <Row>
              <Button look="bare" onPress={() => planning.setBag(null)}>
                Any equipment
              </Button>
            </Row>
          )}
          <QuietText>Drills that need more than this are left out.</QuietText>
        </Stack>
      </Fold>
    </Stack>
  );
}
