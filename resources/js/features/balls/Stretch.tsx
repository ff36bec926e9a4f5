import type { Disturbance, Session, SessionPart } from '../../api/types';
import type { useLog } from '../../api/useOutbox';
import { AnyOf, OneOf, QuietText, SheetButton, Stack } from '../../design';
import { announce } from '../../device/announce';
import { PART_NAMES } from '../../lane/drillWords';

type Part = NonNullable<SessionPart>;

const PARTS: readonly { value: Part | 'none'; label: string }[] = [
  { value: 'none', label: 'No phase' },
  { value: 'baseline', label: `${PART_NAMES.baseline}: watch only, no coaching` },
  { value: 'work', label: PART_NAMES.work },
  { value: 'retest', label: PART_NAMES.retest },
];

const AROUND: readonly { value: Disturbance; label: string }[] = [
  { value: 'filmed', label: 'Filmed' },
  { value: 'watched', label: 'Watched' },
  { value: 'players', label: 'Others on the green' },
  { value: 'chatter', label: 'Chatter' },
  { value: 'wind', label: 'Wind' },
  { value: 'insects', label: 'Insects' },
];

interface StretchProps {
  session: Session;
  log: ReturnType<typeof useLog>;
}

/** What was said of the balls from here on, in words. */
export function stretchFacts({ during }: Session): string[] {
  return [
    ...(during.part === null ? [] : [PART_NAMES[during.part].toLowerCase()]),
    ...AROUND.filter(({ value }) => during.disturbances.includes(value)).map(({ label }) => label.toLowerCase()),
  ];
}

/** What the balls from here on are for, and what goes on around them: one touch, and it holds until it is changed. */
export function Stretch({ session, log }: StretchProps) {
  const { during } = session;
  const facts = stretchFacts(session);
  return (
    <SheetButton label={facts.length === 0 ? 'These balls' : `These balls: ${facts.join(', ')}`} title="These balls">
      {() => (
        <Stack>
          <OneOf
            label="Purpose of these balls"
            options={PARTS}
            value={during.part ?? 'none'}
            onChange={(part) => {
              void log.beginPart(part === 'none' ? null : part);
              announce(`From now on: ${PARTS.find(({ value }) => value === part)?.label ?? ''}`);
            }}
          />
          <AnyOf
            label="Surroundings"
            options={AROUND}
            values={during.disturbances}
            onChange={(now) => {
              for (const { value } of AROUND) {
                if (now.includes(value) !== during.disturbances.includes(value)) {
                  void log.noteDisturbance(value, now.includes(value));
                }
              }
            }}
          />
          <QuietText>
            Review compares the baseline with the re-test. No ball is left out because of the surroundings.
          </QuietText>
        </Stack>
      )}
    </SheetButton>
  );
}
