import { useEffect } from 'react';

/**
 * Brings the first field at fault into view, and the focus to it, whenever a form has failed anew.
 *
 * @param failure what the form failed with; null while it has not
 */
export function useFirstError(failure: unknown): void {
  useEffect(() => {
    if (failure !== null && failure !== undefined) {
      const field = document.querySelector<HTMLElement>('form [aria-invalid="true"]');
      field?.focus();
      field?.scrollIntoView({ block: 'center' });
    }
  }, [failure]);
}
