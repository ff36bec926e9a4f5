import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { Notice, Page } from '../design';
import { useCheckBook } from '../server/queries';
import type { CheckBook, Session } from '../server/types';
import { WithSession } from '../walk/WithSession';

/** A check is made while setting out. */
export function OfSession({ children }: { children: (session: Session) => ReactNode }) {
  const { id = '' } = useParams();
  return (
    <WithSession id={id} at="set-out">
      {children}
    </WithSession>
  );
}

interface FromBookProps<Found> {
  /** What it is called while it is looked for: "check". */
  what: string;
  /** The one whose key the address holds. */
  find: (book: CheckBook, key: string) => Found | undefined;
  children: (found: Found) => ReactNode;
}

/** One of what can be checked. */
export function FromBook<Found>({ what, find, children }: FromBookProps<Found>) {
  const { key = '' } = useParams();
  const book = useCheckBook();
  const found = book.data === undefined ? undefined : find(book.data, key);
  if (found !== undefined) {
    return children(found);
  }
  return (
    <Page>
      {book.data === undefined && !book.isError ? (
        <p>Opening the {what} …</p>
      ) : (
        <Notice kind="wrong">{book.error?.message ?? `There is no such ${what}.`}</Notice>
      )}
    </Page>
  );
}
