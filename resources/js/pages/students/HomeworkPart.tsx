import { useState } from 'react';
import { fieldError } from '../../api/api';
import { useAnswerHomework, useHomework } from '../../api/queries';
import {
  Button,
  ButtonLink,
  NoteEntry,
  Notice,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  Waiting,
} from '../../design';
import { EntryLines } from '../../features/drill-results/EntryLines';

/** What a student did and asked at home, and the answer that goes back to them. */
export function HomeworkPart({ student }: { student: { id: string; name: string } }) {
  const home = useHomework(student.id);
  const answer = useAnswerHomework(student.id);
  const [text, setText] = useState('');
  if (home.data === undefined) {
    return home.isError ? <Notice kind="wrong">{home.error.message}</Notice> : <Waiting>Loading …</Waiting>;
  }
  const { entries, finding, question, task } = home.data;
  return (
    <Stack $gap="l">
      <Part>
        <h2>Homework</h2>
        {task !== null && (
          <SentenceText>
            The task: {task.line} {task.lately}
          </SentenceText>
        )}
        {finding === null ? (
          <SentenceText>No homework logged yet. The task and the link are on the take-home card.</SentenceText>
        ) : (
          <>
            <SentenceText>{finding.sentence}</SentenceText>
            <QuietText>Logged by {student.name}: it is kept apart from what you saw yourself.</QuietText>
          </>
        )}
        <Row>
          <ButtonLink to={`/students/${student.id}/take-home-card`}>Take-home card and link</ButtonLink>
        </Row>
      </Part>
      {question !== null && (
        <Part
          as="form"
          noValidate
          onSubmit={(event: React.FormEvent) => {
            event.preventDefault();
            answer.mutate(text.trim(), { onSuccess: () => setText('') });
          }}
        >
          <h2>{student.name} asks</h2>
          <SentenceText>{question}</SentenceText>
          <NoteEntry
            label="Your answer: a drill, a number of balls, one cue"
            value={text}
            onChange={setText}
            error={fieldError(answer.error, 'text')}
          />
          {answer.isError && fieldError(answer.error, 'text') === null && (
            <Notice kind="wrong">{answer.error.message}</Notice>
          )}
          <Row>
            <Button type="submit" isDisabled={text.trim() === ''} isPending={answer.isPending}>
              Send answer
            </Button>
          </Row>
        </Part>
      )}
      <EntryLines entries={entries} mine={student.name} others="You" hasSessions />
    </Stack>
  );
}
