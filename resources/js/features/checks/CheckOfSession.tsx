import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { useCheckCatalogue } from '../../api/queries';
import type { CheckCatalogue, Session } from '../../api/types';
import { Notice, Page, Waiting } from '../../design';
import { WithSession } from '../session-steps/WithSession';

/** A check is made while setting out. */
export function OfSession({ children }: { children: (session: Session) => ReactNode }) {
  const { id = '' } = useParams();
  return (
    <WithSession id={id} at="stations">
      {children}
    </WithSession>
  );
}

interface FromBookProps<Item> {
  /** What it is called while it is looked for: "check". */
  what: string;
  /** The one whose key the address holds. */
  find: (book: CheckCatalogue, key: string) => Item | undefined;
  children: (found: Item) => ReactNode;
}

/** One of what can be checked. */
export function FromCatalogue<Item>({ what, find, children }: FromBookProps<Item>) {
  const { key = '' } = useParams();
  const book = useCheckCatalogue();
  const found = book.data === undefined ? undefined : find(book.data, key);
  if (found !== undefined) {
    return children(found);
  }
  return (
    <Page>
      {book.data === undefined && !book.isError ? (
        <Waiting>{`Loading the ${what} …`}</Waiting>
      ) : (
        <Notice kind="wrong">{book.error?.message ?? `There is no such ${what}.`}</Notice>
      )}
    </Page>
  );
}
