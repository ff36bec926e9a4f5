import { addStudent, type StudentDraft } from '../../api/queries';
import { Button, Row, Stack } from '../../design';
import { METRES_PER_FOOT } from '../../units/length';
import { useUnits } from '../../units/useUnits';
import { HANDS } from '../form-choices/formChoices';
import { ChoiceField, TextField } from './fields';
import { useFields } from './SheetForm';

/** A student as far as nothing more was said of them. */
export const NEW_STUDENT: StudentDraft = {
  name: '',
  hand: 'right',
  level: 'club',
  unit: 'feet',
  stride_m: null,
  finish_past_m: METRES_PER_FOOT,
  putter: null,
  school: 'rule',
  tempo_bpm: null,
  exception: null,
  line_cure: null,
  band_low_m: null,
  band_high_m: null,
  is_gentle: false,
};

const LONGEST_NAME = 80;

/** @returns what to say at the field; null where it can be saved */
export function nameError(name: string): string | null {
  if (name.trim() === '') {
    return 'Enter the name.';
  }
  return name.trim().length > LONGEST_NAME ? `The name must be at most ${LONGEST_NAME} letters long.` : null;
}

interface NewStudentFormProps {
  onAdd: (id: string) => void;
  onLeave: () => void;
}

/** A name and a hand are enough to begin with, and need no network; the rest of the profile can wait. */
export function NewStudentForm({ onAdd, onLeave }: NewStudentFormProps) {
  const units = useUnits();
  const { control, handleSubmit } = useFields<{ name: string; hand: 'right' | 'left' }>(
    { name: '', hand: 'right' },
    null,
  );
  // In steps only once theirs is measured.
  const unit = units.choice.unit === 'metres' ? 'metres' : 'feet';
  return (
    <Stack
      $gap="s"
      as="form"
      noValidate
      onSubmit={(event) => {
        event.stopPropagation();
        void handleSubmit(({ name, hand }) => onAdd(addStudent({ ...NEW_STUDENT, unit, name: name.trim(), hand })))(
          event,
        );
      }}
    >
      <TextField control={control} name="name" label="Name of the student" rule={nameError} autoFocus />
      <ChoiceField control={control} name="hand" label="Hand" options={HANDS} />
      <Row>
        <Button type="submit">Add student</Button>
        <Button look="bare" onPress={onLeave}>
          Cancel
        </Button>
      </Row>
    </Stack>
  );
}
