import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { ApiError } from '../../api/api';
import { useFeed, useImportCalendar } from '../../api/queries';
import type { CalendarImportResult } from '../../api/types';
import { Button, Fold, Notice, QuietText, Row, SentenceText, Stack } from '../../design';

/** The week as a calendar file or a private address, and calendars from elsewhere taken in. */
export function CalendarPart({ hasFeed }: { hasFeed: boolean }) {
  const taking = useImportCalendar();
  const feed = useFeed();
  const [text, setText] = useState<string | null>(null);
  const open = async (files: FileList | null) => {
    const file = files?.item(0);
    if (file != null) {
      const read = await file.text();
      setText(read);
      taking.mutate({ text: read, isTrial: true });
    }
  };
  const isTrial = taking.variables?.isTrial === true;
  const told = taking.data;
  return (
    <Fold label="Calendars out and in">
      <Stack $gap="s">
        <Row>
          <a href="/api/calendar.ics" download="amble.ics">
            All of it as a calendar file
          </a>
          <FileTrigger acceptedFileTypes={['text/calendar', '.ics']} onSelect={(files) => void open(files)}>
            <Button>Take in a calendar file</Button>
          </FileTrigger>
        </Row>
        {taking.isError && <Notice kind="wrong">{refusalWords(taking.error)}</Notice>}
        {told !== undefined && (
          <>
            <SentenceText role="status">{takenWords(told, isTrial)}</SentenceText>
            {told.refused.map(({ event, reason }) => (
              <QuietText key={`${event} ${reason}`}>
                “{event}” stays out. {reason}
              </QuietText>
            ))}
            {isTrial && text !== null && told.new + told.changed > 0 && (
              <Row>
                <Button look="main" onPress={() => taking.mutate({ text, isTrial: false })}>
                  Take it in
                </Button>
                <Button onPress={() => taking.reset()}>Leave it</Button>
              </Row>
            )}
          </>
        )}
        <Row>
          <Button onPress={() => feed.mutate(true)}>
            {hasFeed ? 'Make a new private address' : 'Make a private address for calendars'}
          </Button>
          {hasFeed && (
            <Button look="bare" onPress={() => feed.mutate(false)}>
              Close the address
            </Button>
          )}
        </Row>
        {feed.data != null && (
          <Notice>
            Give this address to your calendar. It is told once, and opens your week to whoever has it:{' '}
            <strong style={{ overflowWrap: 'anywhere' }}>
              {window.location.origin}
              {feed.data.path}
            </strong>
          </Notice>
        )}
        <QuietText>
          Events are known again by their own names, so that taking one in again changes only what changed.
        </QuietText>
      </Stack>
    </Fold>
  );
}

function takenWords({ new: made, changed, same, refused_count }: CalendarImportResult, isTrial: boolean): string {
  const parts = [
    `${made} new`,
    `${changed} changed`,
    `${same} as they are here`,
    ...(refused_count === 0 ? [] : [`${refused_count} that stay out`]),
  ];
  return `${isTrial ? 'It would bring' : 'Taken in'}: ${parts.join(', ')}.`;
}

function refusalWords(error: Error): string {
  const first = error instanceof ApiError ? Object.values(error.fields)[0] : undefined;
  return `${first ?? error.message} Nothing was taken in.`;
}
