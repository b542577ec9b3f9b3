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

/** A moment as a form takes it, by the clock of this machine: 2026-05-09T14:30. */
export function here(now = new Date()): string {
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
}

/** The pilot's day: 2026-05-09. */
export const today = () => here().slice(0, 10)

/** Minutes and seconds: 2:03. */
export function duration(seconds: number): string {
  const whole = Math.round(seconds)
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}

/** Seconds of a duration as pilots write it: 2:03, 2.5 minutes, 1:02:03. NaN for what is none. */
export function secondsOf(text: string): number {
  const parts = text.trim().replace(',', '.').split(':')
  if (parts.length === 1) return Number(parts[0]) * 60
  return parts.every((one) => /^\d+(\.\d+)?$/.test(one)) && parts.length <= 3
    ? parts.reduce((sum, one) => sum * 60 + Number(one), 0)
    : Number.NaN
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
