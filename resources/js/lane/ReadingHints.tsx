import { useReadingHints } from '../api/queries';
import { Notice, QuietText, Stack } from '../design';

/** What the coach's own cards say to look for before a putt is read, here and for this student. */
export function ReadingHints({ green, student }: { green: string | null; student: string | null }) {
  const hints = useReadingHints(green, student);
  return (
    <Stack $gap="s">
      {hints.isError && <Notice kind="wrong">{hints.error.message}</Notice>}
      {(hints.data ?? []).map(({ title, points }) => (
        <QuietText key={title}>
          <strong>{title}.</strong> {points.map((point) => (/[.?!]$/.test(point) ? point : `${point}.`)).join(' ')}
        </QuietText>
      ))}
    </Stack>
  );
}
