import { useCallback, useEffect, useState } from 'react';
import styled from 'styled-components';
import { ApiError } from '../../api/api';
import { newId } from '../../api/outbox';
import { sendHome } from '../../api/queries';
import type { HomeworkEntry, TakeHomeCard } from '../../api/types';
import {
  Button,
  color,
  Figure,
  NoteEntry,
  Notice,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  space,
} from '../../design';
import { announce } from '../../device/announce';
import { EntryLines } from '../../features/drill-results/EntryLines';
import { atHome, counted, NO_BALLS, questionWords, saveHomeEntry, type Tally, undone } from './homeEntries';

const Two = styled.div`
  display: grid; grid-template-columns: 1fr 1fr; gap: ${space.s};
  button { min-height: 84px; font-size: 1.15rem; }
`;

interface AtHomePartProps {
  link: string;
  card: TakeHomeCard;
  /** The drill as it was offered is to be rolled. */
  onBegin: (offered: NonNullable<TakeHomeCard['offered']>) => void;
}

/** The task at home, counted ball by ball, and a question for the coach; kept on this phone until it is sent. */
export function AtHomePart({ link, card, onBegin }: AtHomePartProps) {
  const home = useAtHome(link);
  const { offered } = card;
  return (
    <Stack $gap="l">
      {card.home_task !== null && (
        <Part>
          <h2>Homework: {card.home_task}</h2>
          {card.home_cue !== null && <SentenceText>Cue: {card.home_cue}</SentenceText>}
          <QuietText>
            {questionWords(card)} {card.home_lately}
          </QuietText>
          {offered === null ? (
            <Counting tally={home.tally} most={card.home_balls} onTally={home.setTally} onDone={home.done} />
          ) : (
            <Row>
              <Button look="main" onPress={() => onBegin(offered)}>
                Start {offered.run.drill.name}
              </Button>
            </Row>
          )}
        </Part>
      )}
      <Asking onAsk={home.ask} />
      {home.waiting.length > 0 && (
        <QuietText role="status">
          {home.waiting.length} not synced yet: saved on this phone, sent when there is a network.
        </QuietText>
      )}
      {home.refused !== null && <Notice kind="wrong">{home.refused}</Notice>}
      <EntryLines entries={[...card.entries, ...home.sent, ...home.waiting]} mine="You" others="Your coach" />
    </Stack>
  );
}

/** How long before what was not sent is tried again, milliseconds. */
const AGAIN_MS = 15_000;

function useAtHome(link: string) {
  const [kept, setKept] = useState(() => atHome(link));
  const [sent, setSent] = useState<HomeworkEntry[]>([]);
  const [refused, setRefused] = useState<string | null>(null);
  const change = useCallback((more: Parameters<typeof saveHomeEntry>[1]) => setKept(saveHomeEntry(link, more)), [link]);
  const hasWaiting = kept.waiting.length > 0;
  useEffect(() => {
    const send = async () => {
      for (const entry of atHome(link).waiting) {
        try {
          await sendHome(link, entry);
          setSent((before) => [...before, entry]);
        } catch (error) {
          if (!(error instanceof ApiError) || error.status >= 500 || error.status === 429) {
            return;
          }
          // Refused it is said, and stays out of the way of what comes behind it.
          setRefused(`Not saved: ${Object.values(error.fields)[0] ?? error.message}`);
        }
        change({ waiting: atHome(link).waiting.filter(({ id }) => id !== entry.id) });
      }
    };
    if (hasWaiting) {
      void send();
    }
    const again = setInterval(() => void send(), AGAIN_MS);
    window.addEventListener('online', send);
    return () => {
      clearInterval(again);
      window.removeEventListener('online', send);
    };
  }, [link, hasWaiting, change]);
  const note = (entry: Pick<HomeworkEntry, 'kind' | 'balls' | 'passes' | 'text'>, tally: Tally) => {
    change({
      tally,
      waiting: [...kept.waiting, { id: newId(), at_ms: Date.now(), session_id: null, ...entry }],
    });
    announce('Saved');
  };
  return {
    tally: kept.tally,
    waiting: kept.waiting,
    sent,
    refused,
    setTally: (tally: Tally) => change({ tally }),
    done: () => note({ kind: 'done', balls: kept.tally.balls, passes: kept.tally.passes, text: null }, NO_BALLS),
    ask: (text: string) => note({ kind: 'question', balls: null, passes: null, text }, kept.tally),
  };
}

interface CountingProps {
  tally: Tally;
  /** Balls that are asked for; null where nobody said. */
  most: number | null;
  onTally: (tally: Tally) => void;
  onDone: () => void;
}

function Counting({ tally, most, onTally, onDone }: CountingProps) {
  return (
    <Stack $gap="s">
      <Figure aria-live="polite">
        {tally.passes} <small>of {tally.balls} successful</small>
      </Figure>
      {most !== null && (
        <SentenceText>
          {tally.balls < most
            ? `${most - tally.balls} of ${most} to go.`
            : 'That is enough: stop here, while it is still good practice.'}
        </SentenceText>
      )}
      <Two>
        <Button look="main" onPress={() => onTally(counted(tally, true))}>
          Successful
        </Button>
        <Button onPress={() => onTally(counted(tally, false))}>Not successful</Button>
      </Two>
      <Row>
        <Button look="bare" isDisabled={tally.balls === 0} onPress={() => onTally(undone(tally))}>
          Undo
        </Button>
        <Button isDisabled={tally.balls === 0} onPress={onDone}>
          Done for today
        </Button>
      </Row>
    </Stack>
  );
}

const LONGEST = 1000;

function Asking({ onAsk }: { onAsk: (text: string) => void }) {
  const [text, setText] = useState('');
  const isLong = text.trim().length > LONGEST;
  return (
    <Part>
      <h2>Ask your coach</h2>
      <NoteEntry
        label="A question, with its putt or its figures"
        value={text}
        onChange={setText}
        error={isLong ? `At most ${LONGEST} letters.` : null}
      />
      <Row>
        <Button
          isDisabled={text.trim() === '' || isLong}
          onPress={() => {
            onAsk(text.trim());
            setText('');
          }}
        >
          Send
        </Button>
      </Row>
      <QuietText style={{ color: color.pencil }}>Your coach sees it, and answers here.</QuietText>
    </Part>
  );
}
