import type { Definition } from '@/api/types'

const said = (value: unknown): string =>
  Array.isArray(value)
    ? value.map(said).join(', ')
    : typeof value === 'boolean'
      ? value
        ? 'yes'
        : 'no'
      : String(value)

const count = (value: unknown, one: string): string | null =>
  Array.isArray(value) && value.length > 0 ? `${value.length} ${one}${value.length === 1 ? '' : 's'}` : null

/** What one wants to know of a definition at a glance, as it says it itself. */
export function facts(of: Definition): string[] {
  const range = Array.isArray(of.supply) ? `${said(of.supply[0])} to ${said(of.supply[1])} V` : null
  const pulse = of.pulse as { span?: number } | undefined
  return [
    of.channels ? `${said(of.channels)} channels` : null,
    pulse?.span ? `±${pulse.span} µs` : null,
    count(of.controls, 'control'),
    of.link ? `${said(of.link)}, ${said(of.subtype)}` : null,
    of.kind ? said(of.kind) : null,
    of.wires ? said(of.wires) : null,
    count(of.modes, 'mode'),
    count(of.ports, 'port'),
    count(of.quantities, 'value'),
    count(of.legs, 'leg'),
    of.families ? said(of.families).replaceAll('-', ' ') : null,
    of.buses ? said(of.buses) : null,
    of.cells ? `${said(of.cells)} cells` : null,
    of.capacity ? `${said(of.capacity)} mAh` : null,
    of.amperes ? `${said(of.amperes)} A` : null,
    of.plug ? `${said(of.plug)} plug` : null,
    range,
  ].filter((one): one is string => one !== null)
}
