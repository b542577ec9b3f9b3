import { useState } from 'react'
import { hand, useHand } from '@/api/hand'
import { useProof } from '@/api/proof'
import type { Proof, StateCell } from '@/api/types'
import { Scroller } from '@/parts/Scroller'
import { Segments } from '@/parts/Segments'
import type { View } from '../views'

type Switch = Proof['map']['switches'][number]

const GLYPHS: Record<string, string> = { away: '▴', middle: '•', toward: '▾', pressed: '●', released: '○' }
const FILTERS = [
  { id: 'all', name: 'All' },
  { id: 'armed', name: '◆ Armed' },
  { id: 'odd', name: '▲ Odd' },
]

/** Every combination of some switches, as detents in their order. */
const combinations = (switches: Switch[]): string[][] =>
  switches.reduce<string[][]>(
    (sofar, one) => sofar.flatMap((before) => one.detents.map((detent) => [...before, detent])),
    [[]],
  )

const keyOf = (switches: Switch[], cell: StateCell, rest: Record<string, string>) =>
  switches.map((one) => String(cell.hand.controls[one.id] ?? rest[one.id])).join(' ')

/**
 * Every position of the switches that arm, choose modes, move motors or choose phases: the odd one out catches
 * the eye.
 */
export function StatesView({ aircraft }: View) {
  const { proof } = useProof()
  const [filter, setFilter] = useState<string>('all')
  const controls = useHand((one) => one.controls)
  if (!proof) return <p className="p-6 text-muted">◌ Proving every switch position…</p>
  const { switches, cells } = proof.map
  const rest = Object.fromEntries(aircraft.transmitterDefinition.controls.map((one) => [one.id, one.rest ?? '']))
  const byKey = new Map(cells.map((cell) => [keyOf(switches, cell, rest), cell]))
  const half = Math.ceil(switches.length / 2)
  const down = switches.slice(0, half)
  const across = switches.slice(half)
  const rows = combinations(down)
  const columns = combinations(across)
  const wide = columns.length <= 12
  const now = switches.map((one) => String(controls[one.id] ?? rest[one.id])).join(' ')
  const odd = cells.filter((cell) => cell.odd).length
  const named = (list: Switch[]) => list.map((one) => one.name).join(', ')
  const fits = (cell: StateCell) => filter === 'all' || (filter === 'armed' ? cell.armed : cell.odd !== null)
  return (
    <div className="flex h-full min-h-0 flex-col px-4 py-3">
      <div className="flex flex-wrap items-center gap-3 text-sm">
        <Segments label="Which states" value={filter} options={FILTERS} onChange={setFilter} />
        <p className={odd > 0 ? 'text-rose' : 'text-teal'}>
          {odd > 0 ? `▲ ${odd} of ${cells.length} states are odd` : `✓ None of ${cells.length} states is odd`}
        </p>
        <p className="text-muted">
          {proof.states} positions in all; switches that change none of this are left out. Click a state: the handheld
          goes there.
        </p>
      </div>
      {switches.length === 0 ? (
        <p className="m-auto text-muted">No switch arms, chooses a mode or a phase yet.</p>
      ) : (
        <>
          <p className="mt-2 text-muted text-sm" data-map-order>
            Down: {named(down)}
            {across.length > 0 && `. Across: ${named(across)}`}.
          </p>
          <Scroller label="Map of states" className="mt-2 min-h-0 flex-1 overflow-auto">
            <table className="border-separate border-spacing-1 text-sm">
              <thead>
                <tr>
                  <td className="sticky top-0 left-0 z-20 bg-ground" />
                  {columns.map((column) => (
                    <th
                      key={column.join(' ')}
                      scope="col"
                      className="sticky top-0 z-10 bg-ground px-1 font-normal text-muted"
                      title={column.join(', ')}
                    >
                      {wide ? column.join(', ') : column.map((one) => GLYPHS[one] ?? one).join('')}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {rows.map((row) => (
                  <tr key={row.join(' ')}>
                    <th
                      scope="row"
                      className="sticky left-0 z-10 whitespace-nowrap bg-ground pr-2 text-left font-normal text-muted"
                    >
                      {row.join(', ')}
                    </th>
                    {columns.map((column) => {
                      const cell = byKey.get([...row, ...column].join(' '))
                      return (
                        <td key={column.join(' ')} className="p-0">
                          {cell && (
                            <Cell
                              cell={cell}
                              wide={wide}
                              dim={!fits(cell)}
                              here={now === [...row, ...column].join(' ')}
                            />
                          )}
                        </td>
                      )
                    })}
                  </tr>
                ))}
              </tbody>
            </table>
          </Scroller>
        </>
      )}
    </div>
  )
}

function Cell({ cell, wide, dim, here }: { cell: StateCell; wide: boolean; dim: boolean; here: boolean }) {
  const mode = cell.modes.length > 0 ? cell.modes.join(' + ') : cell.phase
  const border = cell.odd ? 'border-rose border-2' : here ? 'border-sodium border-2' : 'border-line'
  return (
    <button
      type="button"
      data-state-cell={cell.odd ?? 'fine'}
      aria-label={`${cell.says}: ${cell.armed ? 'armed' : 'safe'}, ${mode}, phase ${cell.phase}${cell.odd ? `, ${cell.odd}` : ''}`}
      title={`${cell.says}: ${mode}, phase ${cell.phase}${cell.odd ? `, ${cell.odd}` : ''}`}
      onClick={() => hand.go(cell.hand)}
      className={`rounded-md border text-left ${wide ? 'min-w-36 px-2 py-1' : 'size-6 text-center'} ${border} ${cell.armed ? 'bg-line' : 'bg-raised'} ${dim ? 'opacity-20' : ''}`}
    >
      <span className={cell.odd ? 'text-rose' : cell.armed ? 'text-sodium' : 'text-muted'}>
        {cell.odd ? '▲' : cell.armed ? '◆' : '◇'}
      </span>
      {wide && (
        <>
          {' '}
          {mode}
          <span className="block text-muted">{cell.odd ?? (cell.armed ? 'armed' : 'safe')}</span>
        </>
      )}
    </button>
  )
}
