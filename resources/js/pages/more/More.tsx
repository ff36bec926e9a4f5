import { ChevronRight } from 'lucide-react';
import { Link } from 'react-router';
import { List, Page, Stack, Title } from '../../design';

/** The places beside those of the bar, each with what is found there. */
const PLACES = [
  { to: '/calendar', label: 'Calendar', about: 'Lessons of the week and the waiting list' },
  { to: '/sessions', label: 'Sessions', about: 'Every session, by student and green' },
  { to: '/greens', label: 'Greens', about: 'Greens and mats, with their last speed' },
  { to: '/checklists', label: 'Checklists', about: 'Set-up points, routines and safety checks' },
  { to: '/settings', label: 'Settings', about: 'Units, theme, teaching preferences, account, export' },
  { to: '/help', label: 'Help', about: 'How each step works, and the keyboard shortcuts' },
] as const;

export function More() {
  return (
    <Page>
      <Stack>
        <Title page="More">More</Title>
        <List>
          {PLACES.map(({ to, label, about }) => (
            <li key={to}>
              <Link to={to} aria-label={label}>
                <strong>{label}</strong>
                <small>{about}</small>
              </Link>
              <ChevronRight size={20} aria-hidden="true" />
            </li>
          ))}
        </List>
      </Stack>
    </Page>
  );
}
