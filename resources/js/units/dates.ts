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

/**
 * Reads a day as it is typed: "14/11", "14.11.2026", "2026-11-14". Without a year it is the last such day.
 *
 * @returns "2026-11-14"; null for what is no day
 */
export function readDay(text: string, now = new Date()): string | null {
  return read(text, now, (found) => (found > now ? -1 : 0));
}

/** The same for a day that is still to come: without a year it is the next such day, today counted. */
export function readDayToCome(text: string, now = new Date()): string | null {
  const today = new Date(now.getFullYear(), now.getMonth(), now.getDate());
  return read(text, now, (found) => (found < today ? 1 : 0));
}

/** @param years that a day said without one lies from this year's */
function read(text: string, now: Date, years: (thisYears: Date) => number): string | null {
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text.trim());
  const said = /^(\d{1,2})[/.\s-](\d{1,2})(?:[/.\s-](\d{4}))?\.?$/.exec(text.trim());
  const [dayText, monthText, yearText] = iso === null ? [said?.[1], said?.[2], said?.[3]] : [iso[3], iso[2], iso[1]];
  if (dayText === undefined || monthText === undefined) {
    return null;
  }
  const [dayOfMonth, month] = [Number(dayText), Number(monthText)];
  const thisYear = now.getFullYear();
  const year = yearText === undefined ? thisYear + years(new Date(thisYear, month - 1, dayOfMonth)) : Number(yearText);
  const found = new Date(year, month - 1, dayOfMonth);
  const isThere = found.getMonth() === month - 1 && found.getDate() === dayOfMonth;
  return isThere ? `${year}-${padded(month)}-${padded(dayOfMonth)}` : null;
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
