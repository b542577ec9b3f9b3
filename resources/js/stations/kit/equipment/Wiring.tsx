import type { Lead } from '@/api/types'

const ROW = 46
const BOX = 128
const GAP = 44
const CARRIES = { power: '━ power', signal: '┄ signal', bus: '┄ both' } as const

/** How far from the pack each thing stands: a lead leads one column further, unless it would lead back. */
function columns(leads: Lead[]): string[][] {
  const depth = new Map<string, number>()
  const names = [...new Set(leads.flatMap((lead) => [lead.from, lead.to]))]
  for (const name of names) if (!leads.some((lead) => lead.to === name && lead.from !== name)) depth.set(name, 0)
  for (const lead of leads) {
    const from = depth.get(lead.from) ?? 0
    depth.set(lead.from, from)
    // Sensors hang one below the other: a long chain stays narrow.
    const below = lead.kind === 'bus' && leads.some((one) => one.kind === 'bus' && one.to === lead.from)
    if (!depth.has(lead.to)) depth.set(lead.to, below ? from : from + 1)
  }
  const found: string[][] = []
  for (const name of names) {
    const at = depth.get(name) ?? 0
    found[at] = [...(found[at] ?? []), name]
  }
  return found.map((one) => one ?? [])
}

/** The leads of a kit: boxes from the pack to the servos, power thick and signal thin, each with its plug or port. */
export function Wiring({ leads }: { leads: Lead[] }) {
  const drawn = columns(leads)
  const places = new Map(drawn.flatMap((column, x) => column.map((name, y) => [name, { x, y }] as const)))
  const tall = Math.max(...drawn.map((column) => column.length)) * ROW + 8
  const wide = drawn.length * BOX + (drawn.length - 1) * GAP
  const left = (name: string) => (places.get(name)?.x ?? 0) * (BOX + GAP)
  const middle = (name: string) => (places.get(name)?.y ?? 0) * ROW + ROW / 2
  return (
    <div>
      <svg viewBox={`-4 -4 ${wide + 8} ${tall + 8}`} role="img" aria-label="Wiring plan" className="max-h-64 w-full">
        {leads.map((lead) => {
          const under = lead.kind === 'bus' && left(lead.to) === left(lead.from)
          const back = left(lead.to) <= left(lead.from)
          const x1 = left(lead.from) + (back ? BOX / 2 : BOX)
          const x2 = back ? left(lead.to) + BOX / 2 : left(lead.to)
          const [y1, y2] = [middle(lead.from), middle(lead.to)]
          const bow = back ? `C${x1 + GAP} ${y1} ${x2 + GAP} ${y2}` : `C${x1 + GAP / 2} ${y1} ${x2 - GAP / 2} ${y2}`
          return (
            <path
              key={`${lead.from} ${lead.to} ${lead.by}`}
              data-lead={`${lead.from} → ${lead.to}`}
              d={under ? `M${x1} ${y1 + 16} V${y2 - 16}` : `M${x1} ${y1}${bow} ${x2} ${y2}`}
              className={`fill-none ${lead.kind === 'power' ? 'stroke-ember' : 'stroke-teal'}`}
              strokeWidth={lead.kind === 'power' ? 4 : 2}
              strokeDasharray={lead.kind === 'power' ? undefined : '7 4'}
            />
          )
        })}
        {[...places.keys()].map((name) => (
          <g key={name} transform={`translate(${left(name)} ${middle(name) - 16})`}>
            <rect width={BOX} height="32" rx="8" className="fill-raised stroke-edge" />
            <text x={BOX / 2} y="21" textAnchor="middle" className="fill-ink text-[15px]">
              <title>{name}</title>
              {name.length > 16 ? `${name.slice(0, 15)}…` : name}
            </text>
          </g>
        ))}
      </svg>
      <table className="mt-2 w-full text-sm">
        <thead>
          <tr className="text-left text-muted">
            <th className="font-normal">From</th>
            <th className="font-normal">To</th>
            <th className="font-normal">By</th>
            <th className="font-normal">Carries</th>
          </tr>
        </thead>
        <tbody>
          {leads.map((lead) => (
            <tr key={`${lead.from} ${lead.to} ${lead.by}`} className="border-line border-t align-top">
              <td className="break-words py-0.5 pr-2">{lead.from}</td>
              <td className="break-words py-0.5 pr-2">{lead.to}</td>
              <td className="break-words py-0.5 pr-2">{lead.by}</td>
              <td className={`whitespace-nowrap ${lead.kind === 'power' ? 'text-ember' : 'text-teal'}`}>
                {CARRIES[lead.kind]}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
