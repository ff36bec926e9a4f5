import type { NamedIn as Named } from '../../api/types';
import { QuietText, Stack } from '../../design';

/** Where in notes of others a name stands that is to go: it stays there until somebody changes the note. */
export function NamedIn({ named, name }: { named: Named; name: string }) {
  if (named.count === 0) {
    return null;
  }
  const more = named.count - named.places.length;
  return (
    <Stack $gap="s">
      <p>
        {name} is named in{' '}
        {named.count === 1
          ? 'a note about other students. The note stays; edit it first if it should not.'
          : `${named.count} notes about other students. The notes stay; edit them first if they should not.`}
      </p>
      <ul>
        {named.places.map(({ where, text }) => (
          <li key={`${where} ${text}`}>
            {where}: <q>{text}</q>
          </li>
        ))}
      </ul>
      {more > 0 && <QuietText>And {more} more.</QuietText>}
    </Stack>
  );
}
