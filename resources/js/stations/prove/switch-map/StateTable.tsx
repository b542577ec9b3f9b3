import { type KeyboardEvent, useState } from 'react'
import { hand } from '@/api/hand'
import type { StateCell } from '@/api/types'
import type { Plan } from './layout'

export type Drawn = { cell: StateCell; key: string; dim: boolean }

type Props = { plan: Plan; cells: Drawn[]; now: string }

const GLYPHS: Record<string, string> = { away: '▴', middle: '•', toward: '▾', pressed: '●', released: '○' }
const STEPS: Record<string, [number, number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
}

/** The map as a table: one stop for the Tab key, arrows go from state to state. */
export function StateTable({ plan, cells, now }: Props) {
  const { rows, columns, wide } = plan
  const [at, setAt] = useState<[number, number]>([0, 0])
  const byKey = new Map(cells.map((one) => [one.key, one]))
  const step = (event: KeyboardEvent<HTMLTableElement>) => {
    const by = STEPS[event.key]
    if (!by) return
    event.preventDefault()
    const row = Math.max(0, Math.min(rows.length - 1, at[0] + by[0]))
    const column = Math.max(0, Math.min(columns.length - 1, at[1] + by[1]))
    setAt([row, column])
    event.currentTarget.querySelector<HTMLButtonElement>(`[data-place="${row} ${column}"]`)?.focus()
  }
  return (
    <table
      aria-label="States"
      onKeyDown={step}
      className={`mt-1 border-separate border-spacing-1 text-sm ${wide ? 'w-full max-w-6xl table-fixed' : ''}`}
    >
      <thead>
        <tr>
          <td className={wide ? 'w-28' : ''} />
          {columns.map((column) => (
            <th key={column.join(' ')} scope="col" className="px-1 font-normal text-muted" title={column.join(', ')}>
              {wide ? column.join(', ') : column.map((one) => GLYPHS[one] ?? one).join('')}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, down) => (
          <tr key={row.join(' ')}>
            <th scope="row" className="pr-2 text-left font-normal text-muted">
              {row.join(', ')}
            </th>
            {columns.map((column, across) => {
              const key = [...row, ...column].join(' ')
              const one = byKey.get(key)
              return (
                <td key={key} className="p-0">
                  {one && (
                    <Cell
                      {...one}
                      wide={wide}
                      here={now === key}
                      place={`${down} ${across}`}
                      stops={at[0] === down && at[1] === across}
                    />
                  )}
                </td>
              )
            })}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

type CellProps = { cell: StateCell; wide: boolean; dim: boolean; here: boolean; place: string; stops: boolean }

function Cell({ cell, wide, dim, here, place, stops }: CellProps) {
  const mode = cell.modes.length > 0 ? cell.modes.join(' + ') : cell.phase
  const border = cell.odd ? 'border-rose border-2' : here ? 'border-sodium border-2' : 'border-line'
  return (
    <button
      type="button"
      data-state-cell={cell.odd ?? 'fine'}
      data-place={place}
      tabIndex={stops ? 0 : -1}
      title={`${cell.says}: ${mode}, phase ${cell.phase}${cell.odd ? `, ${cell.odd}` : ''}`}
      onClick={() => hand.go(cell.hand)}
      className={`rounded-md border text-left ${wide ? 'w-full min-w-0 px-2 py-1' : 'size-6 text-center'} ${border} ${cell.armed ? 'bg-line' : 'bg-raised'} ${dim ? 'opacity-20' : ''}`}
    >
      <span aria-hidden className={cell.odd ? 'text-rose' : cell.armed ? 'text-sodium' : 'text-muted'}>
        {cell.odd ? '▲' : cell.armed ? '◆' : '◇'}
      </span>{' '}
      <span className={wide ? '' : 'sr-only'}>
        {mode}
        <span className="block text-muted">{cell.odd ?? (cell.armed ? 'armed' : 'safe')}</span>
      </span>
      <span className="sr-only">
        {cell.says}, phase {cell.phase}
      </span>
    </button>
  )
}
