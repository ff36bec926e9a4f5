import { useState } from 'react';
import { useNavigate } from 'react-router';
import { newId, outbox } from '../../api/outbox';
import { useDrillSetup, useStartRun } from '../../api/queries';
import type { LibraryDrill, Session, SetupItem } from '../../api/types';
import { here } from '../../features/balls/names';
import { readNumber } from '../../units/format';

interface Chosen {
  /** The drill at the level it begins at. */
  base: LibraryDrill;
  /** The same with the lengths that were laid out. */
  card: LibraryDrill;
  begins: string | null;
}

export type DrillSetupEntry = ReturnType<typeof useDrillSetupEntry>;

/** The state of setting a drill out: at which level and lengths, what was counted and looked at, who rolls. */
export function useDrillSetupEntry(session: Session, written: LibraryDrill) {
  const [runId] = useState(newId);
  /** What the coach laid out instead of what follows from last time. */
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [counted, setCounted] = useState<Record<number, string>>({});
  const [checks, setChecks] = useState<string[]>([]);
  const [kitOut, setKitOut] = useState<Record<string, number>>({});
  // A group drill begins with everybody who is here.
  const [students, setStudents] = useState<string[]>(() => {
    const ids = here(session).map(({ student }) => student);
    return written.drill.group === true && ids.length > 1 ? ids : [];
  });
  // Asked again whenever balls are taken: the last ones may be on their way while this screen opens.
  const left = useDrillSetup(written.drill, runId, session.id, uncounted(written), false, []);
  const progression = left.data?.progression ?? null;
  const level = progression?.card ?? written;
  const { base, card, begins } = chosen ?? { base: level, card: level, begins: progression?.why ?? null };
  const stepped = card.drill.stations.map((_, index) => readCount(counted[index] ?? ''));
  const isSettled = chosen !== null || progression !== null;
  const sheet = useDrillSetup(card.drill, runId, session.id, stepped, isSettled, students);
  const start = useStartRun();
  const navigate = useNavigate();
  const note = (item: SetupItem, name: string, count: number) =>
    void outbox.add(session.id, {
      id: newId(),
      type: 'set_out_counted',
      at_ms: Date.now(),
      run_id: runId,
      item,
      name,
      count,
    });
  return {
    base,
    card,
    /** Why it begins at another level than the first, by how it was left; null where it does not. */
    begins,
    sheet,
    start,
    /** Other lengths for the same drill. */
    lay: (laid: LibraryDrill) => {
      setChosen({ base, card: laid, begins });
      setCounted({});
    },
    /** The level that is due, offered with its evidence; null where it stays. */
    next: chosen === null ? (progression?.next ?? null) : null,
    isBack: (progression?.next?.level ?? 0) < (progression?.level ?? 0),
    takeNext: () => {
      if (progression?.next != null) {
        const { card: taken } = progression.next;
        setChosen({ base: taken, card: taken, begins: progression.why });
        setCounted({});
      }
    },
    /** As the drill is written, whatever was earned. */
    beginFirst: () => {
      setChosen({ base: written, card: written, begins: null });
      setCounted({});
    },
    counted,
    setCounted,
    checks,
    setChecks,
    kitOut,
    setKitOut,
    students,
    setStudents,
    begin: () =>
      start.mutate(
        { sessionId: session.id, id: runId, drill: card.drill, students },
        {
          onSuccess: () => {
            for (const student of students.filter((id) => !isHere(session, id))) {
              void outbox.add(session.id, {
                id: newId(),
                type: 'company_noted',
                at_ms: Date.now(),
                student,
                standing: 'here',
              });
            }
            for (const check of checks) {
              note('check', check, 1);
            }
            for (const { name, pieces } of sheet.data?.kit ?? []) {
              const count = kitOut[name] ?? pieces;
              if (count !== null) {
                note('kit_out', name, count);
              }
            }
            void navigate(`/sessions/${session.id}/drill/${runId}`);
          },
        },
      ),
  };
}

function uncounted({ drill }: LibraryDrill): null[] {
  return drill.stations.map(() => null);
}

function isHere({ group_members }: Session, id: string): boolean {
  return group_members.some(({ student, standing }) => student === id && standing === 'here');
}

/** A number of paces as it was counted; null where it is none. */
export function readCount(text: string): number | null {
  const count = readNumber(text);
  return count === null || count < 0.5 || count > 200 ? null : count;
}
