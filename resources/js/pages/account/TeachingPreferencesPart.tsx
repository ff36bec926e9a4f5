import { useCheckCatalogue, useSavePreferences } from '../../api/queries';
import { ButtonLink, Columns, Notice, Pick, QuietText, Row, Stack } from '../../design';

const SHIPPED = 'shipped';

/** What the coach takes where schools differ and a student's card does not say. */
export function TeachingPreferencesPart() {
  const book = useCheckCatalogue();
  const keep = useSavePreferences();
  const questions = book.data?.questions ?? [];
  const own = Object.fromEntries(questions.flatMap(({ key, coachs }) => (coachs === null ? [] : [[key, coachs]])));
  const error = book.error ?? keep.error;
  return (
    <Stack>
      {error !== null && <Notice kind="wrong">{error.message}</Notice>}
      <Columns>
        {questions.map(({ key, question, changes, answers, default: shipped, coachs }) => (
          <Stack $gap="s" key={key}>
            <Pick
              label={question}
              options={[
                {
                  value: SHIPPED,
                  label: `Default: ${answers.find(({ value }) => value === shipped)?.label}`,
                },
                ...answers,
              ]}
              value={coachs ?? SHIPPED}
              onChange={(answer) => {
                const { [key]: _, ...others } = own;
                keep.mutate(answer === SHIPPED ? others : { ...others, [key]: answer });
              }}
            />
            <QuietText>{changes}</QuietText>
          </Stack>
        ))}
      </Columns>
      <QuietText>Applies to every student whose profile does not say otherwise.</QuietText>
      <Row>
        <ButtonLink to="/checklists">Checklists</ButtonLink>
      </Row>
    </Stack>
  );
}
