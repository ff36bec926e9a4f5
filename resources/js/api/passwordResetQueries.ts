/** A way back in for who forgot the password. */

import { useMutation, useQuery } from '@tanstack/react-query';
import { request } from './api';
import type { MailMessage } from './types';

export function usePasswordReset() {
  return useMutation({ mutationFn: (email: string) => request<undefined>('POST', 'password-reset', { email }) });
}

export function useNewPassword() {
  return useMutation({
    mutationFn: (body: { token: string; email: string; password: string }) =>
      request<undefined>('POST', 'password-reset/new', body),
  });
}

/** What the demo would have sent. */
export function useMailMessages() {
  return useQuery({
    queryKey: ['linked', 'outbox'],
    queryFn: () => request<MailMessage[]>('GET', 'mail'),
    // A message is laid there after its asker was answered.
    refetchInterval: 1500,
  });
}
