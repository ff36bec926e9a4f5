import { useState } from 'react';
import { useFaceAndPath } from '../../api/queries';
import type { Student } from '../../api/types';
import { Columns, Entry, Fold, QuietText, SentenceText, Stack } from '../../design';
import { readNumber } from '../../units/format';
import { useUnits } from '../../units/useUnits';
import { figureWords } from '../drill-results/figures';

/** Reckons where a ball starts from a face and a path, and the one cure this student holds. */
export function FaceAndPath({ student }: { student: Pick<Student, 'line_cure'> | null }) {
  const units = useUnits();
  const [face, setFace] = useState('');
  const [path, setPath] = useState('');
  const told = useFaceAndPath(readNumber(face), readNumber(path), student?.line_cure ?? null).data;
  const words = (degrees: number) => figureWords({ unit: 'angle', value: degrees }, units);
  return (
    <Fold label="Work out face and path">
      <Stack>
        <Columns>
          <Entry
            label="Face at contact"
            value={face}
            onChange={setFace}
            suffix="°"
            hint="Right is positive, left is negative."
          />
          <Entry label="Path at contact" value={path} onChange={setPath} suffix="°" hint="The same way." />
        </Columns>
        {told !== undefined && (
          <>
            <SentenceText role="status">
              The ball starts {words(told.start_deg)}.
              {told.turn_stroke_deg !== null && ` To correct it, turn the whole stroke ${words(told.turn_stroke_deg)}.`}
              {told.turn_face_deg !== null &&
                ` ${told.turn_stroke_deg === null ? 'To correct it' : 'Or'}, turn the face alone ${words(told.turn_face_deg)}.`}
            </SentenceText>
            <QuietText>{told.caution}</QuietText>
          </>
        )}
      </Stack>
    </Fold>
  );
}
