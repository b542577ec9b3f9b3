import { memo, type ReactNode } from 'react'
import type { Recording } from '@/api/types'
import { keyed } from '@/parts/keyed'

/** Pixels at the left for what a lane shows. */
export const GUTTER = 96

const PRIORITIES = {
  critical: 'border-rose bg-rose/25',
  warning: 'border-sodium bg-sodium/20',
  note: 'border-teal bg-teal/15',
} as const

type Block = { from: number; to: number; text: string; look: string; title: string }

/** Pixels that a letter takes, about: a word that doesn't fit isn't drawn; it stands in the title. */
const LETTER = 7.5

type LaneProps = { name: string; blocks: Block[]; seconds: number; width: number; silent?: boolean }

function Lane({ name, blocks, seconds, width, silent = false }: LaneProps) {
  const fits = (one: Block) => !silent && ((one.to - one.from) / seconds) * width > one.text.length * LETTER + 8
  return (
    <div className="flex h-5.5 items-center">
      <span className="shrink-0 truncate pr-1 text-muted text-sm" style={{ width: GUTTER }}>
        {name}
      </span>
      <span className="relative h-full min-w-0 flex-1">
        {keyed(blocks, (one) => `${one.from} ${one.text}`).map(({ key, item: one }) => (
          <span
            key={key}
            title={one.title}
            data-block={one.text}
            className={`absolute top-0.5 bottom-0.5 overflow-hidden whitespace-nowrap rounded-sm border-l-2 px-0.5 text-sm leading-4.5 ${one.look}`}
            style={{
              left: `${(one.from / seconds) * 100}%`,
              width: `max(3px, ${((one.to - one.from) / seconds) * 100}%)`,
            }}
          >
            {fits(one) && one.text}
          </span>
        ))}
      </span>
    </div>
  )
}

/** The phases and the steps that changed, as blocks from change to change. */
function switched(flight: Recording, names: Record<string, string>): { id: string; blocks: Block[] }[] {
  const lanes = new Map<string, Block[]>()
  for (const change of flight.steps) {
    for (const [id, step] of Object.entries(change.is)) {
      const blocks = lanes.get(id) ?? []
      const last = blocks.at(-1)
      if (last) last.to = change.at
      blocks.push({
        from: change.at,
        to: flight.seconds,
        text: names[`${id} ${step}`] ?? step,
        look: 'border-edge bg-raised',
        title: `${names[id] ?? id}: ${names[`${id} ${step}`] ?? step}`,
      })
      lanes.set(id, blocks)
    }
  }
  return [...lanes].filter(([, blocks]) => blocks.length > 1).map(([id, blocks]) => ({ id, blocks }))
}

/** What happened over time: legs and mishaps, phases and modes, alarms, and the words. */
export const Lanes = memo(function Lanes({
  flight,
  names,
  width,
}: {
  flight: Recording
  names: Record<string, string>
  width: number
}): ReactNode {
  const size = { seconds: flight.seconds, width }
  const legs = flight.events
    .filter((one) => one.kind === 'leg')
    .map((one, index, all) => ({
      from: one.at,
      to: all[index + 1]?.at ?? flight.seconds,
      text: one.says,
      look: 'border-line bg-deep text-muted',
      title: one.says,
    }))
  const mishaps = [
    ...flight.events
      .filter((one) => one.kind === 'mishap')
      .map((one) => ({ from: one.at, to: one.at + 1, text: '▲', look: 'border-rose text-rose', title: one.says })),
    ...flight.lost.map(([from = 0, to = 0]) => ({
      from,
      to,
      text: 'no link',
      look: 'border-rose bg-rose/25',
      title: 'The link is gone',
    })),
  ]
  const alarms = Object.entries(flight.spans)
    .map(([id, spans]) => ({
      id,
      blocks: [
        ...spans.map(([from = 0, to = 0]) => ({
          from,
          to,
          text: '',
          look: 'border-sodium bg-sodium/20',
          title: `${names[id] ?? id} holds`,
        })),
        ...(flight.unknown[id] ?? []).map(([from = 0, to = 0]) => ({
          from,
          to,
          text: 'unknown',
          look: 'unknown border-edge text-muted',
          title: `${names[id] ?? id} is unknown: its value is missing`,
        })),
      ],
    }))
    .filter(({ blocks }) => blocks.length > 0)
  const words = flight.said.map((one) => ({
    from: one.from ?? one.at,
    to: one.to ?? one.at + 0.5,
    text: one.dropped ? `✕ ${one.text}` : one.text,
    look: one.dropped ? 'border-edge text-muted line-through' : PRIORITIES[one.priority],
    title: one.dropped ? `${one.text}: ${one.dropped}` : one.text,
  }))
  return (
    <div>
      <Lane name="Words" blocks={words} {...size} silent />
      <Lane name="Flight" blocks={legs} {...size} />
      {mishaps.length > 0 && <Lane name="Faults" blocks={mishaps} {...size} />}
      {switched(flight, names).map((lane) => (
        <Lane key={lane.id} name={names[lane.id] ?? lane.id} blocks={lane.blocks} {...size} />
      ))}
      {alarms.map((lane) => (
        <Lane key={lane.id} name={names[lane.id] ?? lane.id} blocks={lane.blocks} {...size} />
      ))}
    </div>
  )
})
