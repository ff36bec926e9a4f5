import { Printer } from 'lucide-react';
import { useState } from 'react';
import { useRota } from '../../api/queries';
import type { Session } from '../../api/types';
import { Button, Entry, Part, QuietText, Row, SentenceText, TableFrame } from '../../design';
import { readNumber } from '../../units/format';

const MOST = 24;

/** Several students over several stations: who is where when, to be read out or printed. */
export function RotaPart({ session, minutes }: { session: Session; minutes: number }) {
  const here = session.group_members.filter(({ standing }) => standing === 'here').length;
  const [text, setText] = useState(String(Math.max(1, Math.min(here, 4))));
  const stations = readNumber(text);
  const isUsable = stations !== null && Number.isInteger(stations) && stations >= 1 && stations <= MOST && here > 0;
  const rota = useRota(session.id, isUsable ? stations : null);
  const turns = rota.data?.turns ?? [];
  const kit = rota.data?.kit ?? [];
  return (
    <Part>
      <h2>Rotation</h2>
      <Row>
        <Entry
          label="Stations"
          value={text}
          onChange={setText}
          inputMode="numeric"
          error={isUsable ? null : `From 1 to ${MOST}.`}
        />
        <Button look="bare" onPress={() => window.print()}>
          <Printer size={18} aria-hidden="true" /> Print
        </Button>
      </Row>
      {turns.length > 0 && (
        <>
          <TableFrame>
            <table>
              <thead>
                <tr>
                  <th scope="col">Turn</th>
                  {turns[0]?.map((_, station) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: stations are told apart by their number only.
                    <th scope="col" key={station}>
                      Station {station + 1}
                      {rota.data?.drills[station] !== undefined && (
                        <>
                          <br />
                          {rota.data.drills[station]}
                        </>
                      )}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {turns.map((places, turn) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: turns are told apart by their number only.
                  <tr key={turn}>
                    <th scope="row">{turn + 1}</th>
                    {places.map((who, station) => (
                      // biome-ignore lint/suspicious/noArrayIndexKey: likewise.
                      <td key={station}>{who.length === 0 ? '–' : who.join(', ')}</td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </TableFrame>
          <QuietText>
            About {Math.max(1, Math.floor(minutes / turns.length))} minutes a turn. The student named first begins;
            everybody begins equally often.
          </QuietText>
          {kit.length > 0 && (
            <SentenceText>
              Equipment in all: {kit.map(({ name, pieces }) => `${pieces} ${name}`).join(', ')}.
            </SentenceText>
          )}
        </>
      )}
    </Part>
  );
}
