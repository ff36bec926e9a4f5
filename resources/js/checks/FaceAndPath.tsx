import { useState } from 'react';
import { Columns, Entry, Fold, Quiet, Said, Stack } from '../design';
import { figureWords } from '../found/figures';
import { useFaceAndPath } from '../server/queries';
import type { Student } from '../server/types';
import { readNumber } from '../units/format';
import { useUnits } from '../units/useUnits';

/** Reckons where a ball starts from a face and a path, and the one cure this student holds. */
export function FaceAndPath({ student }: { student: Pick<Student, 'line_cure'> | null }) {
  const units = useUnits();
  const [face, setFace] = useState('');
  const [path, setPath] = useState('');
  const told = useFaceAndPath(readNumber(face), readNumber(path), student?.line_cure ?? null).data;
  const words = (degrees: number) => figureWords({ unit: 'angle', value: degrees }, units);
  return (
    <Fold label="Reckon face and path">
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
            <Said role="status">
              The ball starts {words(told.start_deg)}.
              {told.turn_stroke_deg !== null &&
                ` To take it out, turn the whole stroke ${words(told.turn_stroke_deg)}.`}
              {told.turn_face_deg !== null &&
                ` ${told.turn_stroke_deg === null ? 'To take it out' : 'Or'}, turn the face alone ${words(told.turn_face_deg)}.`}
            </Said>
            <Quiet>{told.caution}</Quiet>
          </>
        )}
      </Stack>
    </Fold>
  );
}
