import { useState } from 'react';
import { Link } from 'react-router';
import { useSession, useToday } from '../../api/queries';
import type { MappedPutts, Session } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import { Button, QuietText, Row } from '../../design';
import type { Units } from '../../units/useUnits';

type Putt = MappedPutts['straight'][number];

interface SetOutProps {
  green: string;
  putts: readonly Putt[];
  units: Units;
}

/** Adds putts that were found to the stations of the session that is open on this green, with their slopes. */
export function SetOut({ green, putts, units }: SetOutProps) {
  const open = useToday().data?.sessions.find((each) => each.green_id === green && each.ended_at === null);
  return open === undefined || putts.length === 0 ? null : <Adding id={open.id} putts={putts} units={units} />;
}

function Adding({ id, putts, units }: { id: string; putts: readonly Putt[]; units: Units }) {
  const sight = useSession(id);
  return sight.status === 'open' ? <AddStations session={sight.session} putts={putts} units={units} /> : null;
}

function AddStations({ session, putts, units }: { session: Session; putts: readonly Putt[]; units: Units }) {
  const log = useLog(session);
  const [added, setAdded] = useState<readonly Putt[] | null>(null);
  const whose = session.student?.name ?? 'the session';
  const add = () => {
    for (const putt of putts) {
      const length_m = Math.round(1000 * Math.hypot(putt.x_m, putt.y_m)) / 1000;
      const tenth = (percent: number) => Math.round(10 * percent) / 10;
      void log.setStation({
        length_m,
        said: units.show(length_m, 'station'),
        grade_percent: tenth(putt.along_percent),
        across_percent: tenth(putt.across_percent),
      });
    }
    setAdded(putts);
  };
  return (
    <Row>
      {added === putts ? (
        <QuietText role="status">
          Added to the stations of {whose}. <Link to={`/sessions/${session.id}/putt`}>Go to Putt</Link>
        </QuietText>
      ) : (
        <Button onPress={add}>
          Add {putts.length === 1 ? 'it' : 'them'} to the stations of {whose}
        </Button>
      )}
    </Row>
  );
}
