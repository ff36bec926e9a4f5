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
    <Fold label="Calendar files and link">
      <Stack $gap="s">
        <Row>
          <a href="/api/calendar.ics" download="amble.ics">
            Export calendar file
          </a>
          <FileTrigger acceptedFileTypes={['text/calendar', '.ics']} onSelect={(files) => void open(files)}>
            <Button>Import calendar file</Button>
          </FileTrigger>
        </Row>
        {taking.isError && <Notice kind="wrong">{refusalWords(taking.error)}</Notice>}
        {told !== undefined && (
          <>
            <SentenceText role="status">{takenWords(told, isTrial)}</SentenceText>
            {told.refused.map(({ event, reason }) => (
              <QuietText key={`${event} ${reason}`}>
                “{event}” is skipped. {reason}
              </QuietText>
            ))}
            {isTrial && text !== null && told.new + told.changed > 0 && (
              <Row>
                <Button look="main" onPress={() => taking.mutate({ text, isTrial: false })}>
                  Import
                </Button>
                <Button onPress={() => taking.reset()}>Cancel</Button>
              </Row>
            )}
          </>
        )}
        <Row>
          <Button onPress={() => feed.mutate(true)}>
            {hasFeed ? 'Create a new private link' : 'Create a private calendar link'}
          </Button>
          {hasFeed && (
            <Button look="bare" onPress={() => feed.mutate(false)}>
              Remove the link
            </Button>
          )}
        </Row>
        {feed.data != null && (
          <Notice>
            Add this address to your calendar app. It is shown once, and anybody who has it can see your calendar:{' '}
            <strong style={{ overflowWrap: 'anywhere' }}>
              {window.location.origin}
              {feed.data.path}
            </strong>
          </Notice>
        )}
        <QuietText>Importing a file again changes only what is different in it.</QuietText>
      </Stack>
    </Fold>
  );
}

function takenWords({ new: made, changed, same, refused_count }: CalendarImportResult, isTrial: boolean): string {
  const parts = [
    `${made} new`,
    `${changed} changed`,
    `${same} unchanged`,
    ...(refused_count === 0 ? [] : [`${refused_count} skipped`]),
  ];
  return `${isTrial ? 'This file adds' : 'Imported'}: ${parts.join(', ')}.`;
}

function refusalWords(error: Error): string {
  const first = error instanceof ApiError ? Object.values(error.fields)[0] : undefined;
  return `${first ?? error.message} Nothing was imported.`;
}
