/** A signal as the pilot reads it: per cent, with a true minus. */
export function percent(signal: number, digits = 0): string {
  const rounded = Number((signal * 100).toFixed(digits))
  return `${rounded < 0 ? '−' : ''}${Math.abs(rounded).toFixed(digits)} %`
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/** The time of day of a saving. */
export function clock(iso: string): string {
  return new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
}

// Making one takes longer than using it a hundred times.
const DAYS = {
  here: new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' }),
  UTC: new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' }),
}

/** A day, where nothing else is said the day here. */
export function day(iso: string, zone: keyof typeof DAYS = 'here'): string {
  return DAYS[zone].format(new Date(iso))
}

/** A day that is read on paper, years later. */
export function date(of: Date): string {
  return of.toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })
}
