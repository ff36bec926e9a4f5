import { useState } from 'react';
import { Button, ButtonLink, NoteEntry, Notice, Part, Quiet, Row, Said, Stack } from '../design';
import { EntryLines } from '../found/EntryLines';
import { fieldError } from '../server/api';
import { useAnswerHome, useHome } from '../server/queries';

/** What a student did and asked at home, and the answer that goes back to them. */
export function HomePart({ student }: { student: { id: string; name: string } }) {
  const home = useHome(student.id);
  const answer = useAnswerHome(student.id);
  const [text, setText] = useState('');
  if (home.data === undefined) {
    return home.isError ? <Notice kind="wrong">{home.error.message}</Notice> : <p>Looking …</p>;
  }
  const { entries, finding, question, task } = home.data;
  return (
    <Stack $gap="l">
      <Part>
        <h2>At home</h2>
        {task !== null && (
          <Said>
            The task: {task.line} {task.lately}
          </Said>
        )}
        {finding === null ? (
          <Said>Nothing has been counted at home yet. The task and the link are on the pocket card.</Said>
        ) : (
          <>
            <Said>{finding.sentence}</Said>
            <Quiet>Counted by {student.name}: it stands apart from what you saw yourself.</Quiet>
          </>
        )}
        <Row>
          <ButtonLink to={`/students/${student.id}/pocket`}>The pocket card and its link</ButtonLink>
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
          <Said>{question}</Said>
          <NoteEntry
            label="Your answer: a drill, a dose, one cue"
            value={text}
            onChange={setText}
            error={fieldError(answer.error, 'text')}
          />
          {answer.isError && fieldError(answer.error, 'text') === null && (
            <Notice kind="wrong">{answer.error.message}</Notice>
          )}
          <Row>
            <Button look="main" type="submit" isDisabled={text.trim() === ''} isPending={answer.isPending}>
              Answer
            </Button>
          </Row>
        </Part>
      )}
      <EntryLines entries={entries} mine={student.name} others="You" hasSessions />
    </Stack>
  );
}
