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

/** A day, where nothing else is said the day here. */
export function day(iso: string, timeZone?: string): string {
  return new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', timeZone })
}

/** A day that is read on paper, years later. */
export function date(of: Date): string {
  return of.toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })
}
