import styled from 'styled-components';
import { type BallFilter, type ReportOf, reportPath } from '../../api/queries';
import type { MeasureReport, SessionPart } from '../../api/types';
import {
  Fold,
  narrow,
  OneOf,
  Pick,
  QuietText,
  Row,
  SentenceText,
  Stack,
  space,
  Unseen,
  useFirst,
  wide,
} from '../../design';
import { inWords, PART_NAMES } from '../../lane/drillWords';
import type { Units } from '../../units/useUnits';
import { DrillResultRow } from '../drill-results/DrillResults';
import { ReportLane } from './ReportLane';

/** The lane stands beside what it answers; in the hand they follow one another. */
const ComparedSelection = styled.div`
  display: grid; gap: ${space.l}; align-items: start; grid-template-columns: minmax(0, 1fr);
  ${wide} { grid-template-columns: minmax(0, 5fr) minmax(0, 7fr); & > :first-child { position: sticky; top: ${space.s}; } }
`;

const Questions = styled.div`
  display: grid; gap: ${space.m}; min-width: 0;
  article { border-bottom: 0; padding: 4px 0 8px; }
  h3 + p { margin-top: 2px; }
  ${narrow} { gap: ${space.s}; }
`;

/** What a coach looks at one after the other, and the questions of the core that each of them answers. */
export const TABS = [
  { value: 'stroke', label: 'Backstroke', questions: ['stroke'] },
  { value: 'pace', label: 'Distance', questions: ['pace', 'feel', 'why', 'change', 'outcome'] },
  { value: 'start', label: 'Start line', questions: ['start'] },
  { value: 'reads', label: 'Reads', questions: ['reads'] },
] as const;

export type TabKey = (typeof TABS)[number]['value'];

export function tabOf(key: string | null | undefined): TabKey | null {
  return TABS.find(({ value }) => value === key)?.value ?? null;
}

interface ReportPartProps {
  of: ReportOf;
  tab: TabKey;
  look: MeasureReport;
  filter: BallFilter;
  onFilter: (filter: BallFilter) => void;
  /** Scores are kept out of sight of a student who is treated gently. */
  isGentle: boolean;
  units: Units;
}

/** The questions of one tab, beside the balls themselves. */
export function ReportPart({ of, tab, look, filter, onFilter, isGentle, units }: ReportPartProps) {
  const near = filter.near_m ?? null;
  const asked: readonly string[] = TABS.find(({ value }) => value === tab)?.questions ?? [];
  const questions = look.questions
    .filter(({ key }) => asked.includes(key))
    .map((question) => ({
      ...question,
      findings: question.findings.filter(({ is_score }) => !(isGentle && is_score)),
    }))
    .filter(({ findings }) => findings.length > 0);
  const { shown, more } = useFirst(questions, MOST_QUESTIONS);
  return (
    <Stack>
      <Picks look={look} filter={filter} onFilter={onFilter} units={units} />
      {questions.length === 0 ? (
        <SentenceText>
          No figures yet. Putt at a station or through a gate, or record observations, and the answers appear here.
        </SentenceText>
      ) : (
        <ComparedSelection>
          <Stack $gap="s">
            <ReportLane
              look={look}
              near={near}
              onNear={(metres) => onFilter({ ...filter, near_m: metres ?? undefined })}
              units={units}
            />
            <QuietText>
              {look.n} {look.n === 1 ? 'ball' : 'balls'}.{' '}
              <a href={`/api/${reportPath(of, filter, '.csv')}`} download>
                Export figures (CSV)
              </a>
            </QuietText>
          </Stack>
          <Questions>
            {shown.map(({ key, title, findings }) => (
              <ReportSection key={key} title={title} findings={findings} units={units} />
            ))}
            {more}
          </Questions>
        </ComparedSelection>
      )}
    </Stack>
  );
}

/** So many questions are in sight at first. */
const MOST_QUESTIONS = 3;

/** A question with its answer in one sentence; the figures behind it one touch away. */
function ReportSection({
  title,
  findings,
  units,
}: {
  title: string;
  findings: MeasureReport['questions'][number]['findings'];
  units: Units;
}) {
  return (
    <section>
      <h3>{title}</h3>
      <SentenceText>{inWords(findings[0]?.sentence ?? '', units)}</SentenceText>
      <Fold
        label={
          <>
            Figures<Unseen>: {title}</Unseen>
          </>
        }
      >
        {findings.map((finding, index) => (
          <DrillResultRow key={finding.kind} finding={finding} units={units} isOpen isSaid={index > 0} />
        ))}
      </Fold>
    </section>
  );
}

const ALL = 'all';

/** Which balls: of one length, and, one touch further, of a slope, a drill, a putter, a tempo. */
function Picks({ look, filter, onFilter, units }: Omit<ReportPartProps, 'of' | 'isGentle' | 'tab'>) {
  const set = (part: Partial<BallFilter>) => onFilter({ ...filter, ...part });
  const others = rarePicks(look);
  return (
    <Stack $gap="s">
      {look.lengths.length > 1 && (
        <OneOf
          label="Length"
          isLabelHidden
          isRow
          options={[
            { value: ALL, label: 'All lengths' },
            ...look.lengths.map(({ length_m, n }) => ({
              value: length_m.toFixed(3),
              label: `${units.show(length_m, 'station')} (${n})`,
            })),
          ]}
          value={filter.near_m?.toFixed(3) ?? ALL}
          onChange={(value) => set({ near_m: value === ALL ? undefined : Number(value) })}
        />
      )}
      {others.length > 0 && (
        <Fold label="Filter" isOpen={others.some(({ field }) => filter[field] !== undefined)}>
          <Row>
            {others.map(({ field, label, options }) => (
              <Pick
                key={field}
                label={label}
                options={[{ value: ALL, label: 'All' }, ...options]}
                value={String(filter[field] ?? ALL)}
                onChange={(value) =>
                  set({
                    [field]: value === ALL ? undefined : field === 'tempo_bpm' ? Number(value) : value,
                  })
                }
              />
            ))}
          </Row>
        </Fold>
      )}
    </Stack>
  );
}

const SLOPES: Record<string, string> = {
  level: 'Level',
  up: 'Uphill',
  down: 'Downhill',
  across: 'Across a slope',
};

/** What can be told apart in these balls at all. */
function rarePicks({ slopes, drills, putters, tempos, parts }: MeasureReport) {
  const picks = [
    {
      field: 'slope',
      label: 'Slope',
      options: slopes.map(({ name, n }) => ({ value: name, label: `${SLOPES[name] ?? name} (${n})` })),
    },
    {
      field: 'drill',
      label: 'Drill',
      options: drills.map(({ key, name, n }) => ({ value: key, label: `${name} (${n})` })),
      isAlone: true,
    },
    {
      field: 'putter',
      label: 'Putter',
      options: putters.map(({ name, n }) => ({ value: name, label: `${name} (${n})` })),
    },
    {
      field: 'tempo_bpm',
      label: 'Tempo',
      options: tempos.map(({ bpm, n }) => ({ value: String(bpm), label: `${bpm} a minute (${n})` })),
    },
    {
      field: 'part',
      label: 'Part',
      options: parts.map(({ name, n }) => ({
        value: name,
        label: `${PART_NAMES[name as NonNullable<SessionPart>]} (${n})`,
      })),
      isAlone: true,
    },
  ] as const satisfies readonly {
    field: keyof BallFilter;
    label: string;
    options: readonly { value: string; label: string }[];
    isAlone?: boolean;
  }[];
  return picks.filter((pick) => pick.options.length > ('isAlone' in pick ? 0 : 1));
}
