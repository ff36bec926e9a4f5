import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Button, Fold, Notice, Quiet, Row, Said, Stack } from '../design';
import { ApiError } from '../server/api';
import { useFeed, useTakeCalendar } from '../server/queries';
import type { CalendarTaken } from '../server/types';

/** The week as a calendar file or a private address, and calendars from elsewhere taken in. */
export function CalendarPart({ hasFeed }: { hasFeed: boolean }) {
  const taking = useTakeCalendar();
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
            <Said role="status">{takenWords(told, isTrial)}</Said>
            {told.refused.map(({ event, reason }) => (
              <Quiet key={`${event} ${reason}`}>
                “{event}” stays out. {reason}
              </Quiet>
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
        <Quiet>
          Events are known again by their own names, so that taking one in again changes only what changed.
        </Quiet>
      </Stack>
    </Fold>
  );
}

function takenWords({ new: made, changed, same, refused_count }: CalendarTaken, isTrial: boolean): string {
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
