/** Dates and times as a coach's diary and watch show them, in the device's own time zone. */

export function day(iso: string): string {
  return new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
}

export function clock(iso: string): string {
  return new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
}

/** "Mon 14". */
export function dayOf(iso: string): string {
  return new Date(iso).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric' });
}

/** "14 Nov"; with its year where that is not this one. */
export function dayAndYear(iso: string, now = new Date()): string {
  const isThisYear = new Date(iso).getFullYear() === now.getFullYear();
  return isThisYear ? day(iso) : `${day(iso)} ${new Date(iso).getFullYear()}`;
}

/** "2026-11-14", of a moment here. */
export function isoDay(moment: Date): string {
  return `${moment.getFullYear()}-${padded(moment.getMonth() + 1)}-${padded(moment.getDate())}`;
}

/** So many days after "2026-11-14"; before it where negative. */
export function daysAfter(day: string, days: number): string {
  const next = new Date(`${day}T12:00:00Z`);
  next.setUTCDate(next.getUTCDate() + days);
  return next.toISOString().slice(0, 10);
}

/** The moment a day is over, on this device. */
export function endOf(day: string): string {
  return new Date(`${daysAfter(day, 1)}T00:00:00`).toISOString();
}

function padded(number: number): string {
  return String(number).padStart(2, '0');
}
