import { useRef, useState } from 'react'
import { hand, useHand } from '@/api/hand'
import { useProof } from '@/api/proof'
import { Button } from '@/parts/Button'
import { Segments } from '@/parts/Segments'
import { useWidth } from '@/parts/useWidth'
import { Unproven } from '../Unproven'
import type { View } from '../views'
import { layout } from './layout'
import { StateTable } from './StateTable'

const FILTERS = [
  { id: 'all', name: 'All' },
  { id: 'armed', name: '◆ Armed' },
  { id: 'odd', name: '▲ Wrong' },
]

const states = (count: number) => (count === 1 ? 'one state' : `${count} states`)

/** What is wrong in which switch position, by its cause first; then every position of the switches that have a say. */
export function SwitchMapView({ aircraft }: View) {
  const { proof } = useProof()
  const [filter, setFilter] = useState<string>('all')
  const [cause, setCause] = useState<number | null>(null)
  const box = useRef<HTMLDivElement>(null)
  const width = useWidth(box) - 36
  const controls = useHand((one) => one.controls)
  if (!proof) return <Unproven />
  const { switches, cells, causes, complete } = proof.map
  const rest = Object.fromEntries(aircraft.transmitterDefinition.controls.map((one) => [one.id, one.rest ?? '']))
  const position = (hold: Record<string, number | string>) =>
    switches.map((one) => String(hold[one.id] ?? rest[one.id])).join(' ')
  const plan = layout(switches, width)
  const named = (list: typeof switches) => list.map((one) => one.name).join(', ')
  const odd = cells.filter((cell) => cell.odd).length
  const lit = cause === null ? null : new Set(causes[cause]?.cells)
  return (
    <div ref={box} className="h-full overflow-auto px-4 py-3">
      <section aria-label="What is wrong" className="grid max-w-5xl gap-1.5">
        <h2 className={odd > 0 ? 'text-rose' : 'text-teal'}>
          {!complete
            ? '◌ Too many positions to draw'
            : odd > 0
              ? `▲ Something is wrong in ${odd} of ${states(cells.length)}`
              : `✓ Nothing is wrong in any of ${states(cells.length)}`}
        </h2>
        {causes.map((one, index) => (
          <div
            key={one.says + one.odd}
            data-cause={one.odd}
            className={`flex flex-wrap items-center gap-2 rounded-lg border px-3 py-1 text-sm ${cause === index ? 'border-sodium' : 'border-line'}`}
          >
            <p className="min-w-0 flex-1">
              <strong>{one.says}</strong>: {one.odd}, {states(one.cells.length)}
            </p>
            <Button look="bare" aria-pressed={cause === index} onClick={() => setCause(cause === index ? null : index)}>
              {cause === index ? 'Show all' : 'Show these'}
            </Button>
            <Button
              onClick={() => {
                const first = cells[one.cells[0] as number]
                if (first) hand.go(first.hand)
              }}
            >
              Show on transmitter
            </Button>
          </div>
        ))}
      </section>
      {switches.length === 0 ? (
        <p className="mt-6 text-muted">No switch arms, chooses a mode or a phase yet.</p>
      ) : (
        <section aria-label="Map of states" className="mt-3">
          <div className="flex flex-wrap items-center gap-3 text-sm">
            <Segments label="Which states" value={filter} options={FILTERS} onChange={setFilter} />
            <p className="min-w-0 flex-1 basis-64 text-muted">
              {proof.states} positions in all; switches that change none of this are left out. Choose a state: the
              handheld goes there.
            </p>
          </div>
          <p className="mt-2 text-muted text-sm" data-map-order>
            Down: {named(plan.down)}
            {plan.across.length > 0 && `. Across: ${named(plan.across)}`}.
          </p>
          <StateTable
            plan={plan}
            cells={cells.map((cell, index) => ({
              cell,
              key: position(cell.hand.controls),
              dim:
                (lit !== null && !lit.has(index)) ||
                (filter === 'armed' && !cell.armed) ||
                (filter === 'odd' && cell.odd === null),
            }))}
            now={position(controls)}
          />
        </section>
      )}
    </div>
  )
}
