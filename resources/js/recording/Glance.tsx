import { ArrowUp } from 'lucide-react'
import type { GlancePage, Recording } from '@/api/types'
import { useTime } from './player'
import { rowAt } from './rows'

type Named = { id: string; name: string; unit: string }
type Props = { page: GlancePage; values: Named[]; flight: Recording | null }

const PLACES = ['top-left', 'top', 'top-right', 'left', null, 'right', 'bottom-left', 'bottom', 'bottom-right'] as const

/** A page as it is seen: on the transmitter's screen, or around the middle of the picture; live with a flight. */
export function Glance({ page, values, flight }: Props) {
  const time = useTime()
  const row = flight ? rowAt(flight, time) : 0
  const cells = (page.cells ?? []).map((cell, place) => {
    const named = values.find((one) => one.id === cell.value)
    const now = flight?.values.find((one) => one.id === cell.value)?.data[row]
    const drawn = flight?.glances.find((one) => one.page === page.id && one.cell === place)?.data[row]
    return { key: `${place} ${cell.value}`, cell, name: named?.name ?? cell.value, unit: named?.unit ?? '', now, drawn }
  })
  if (page.kind === 'picture') {
    return (
      <div
        data-glance={page.id}
        role="img"
        aria-label={`${page.name}, in the video picture`}
        className="grid aspect-video w-full max-w-md grid-cols-3 grid-rows-3 gap-1 rounded-lg border border-edge bg-linear-to-b from-line to-deep p-2"
      >
        {PLACES.map((place) => {
          const one = cells.find(({ cell }) => cell.place === place)
          if (!place)
            return (
              <span key="middle" className="self-center text-center text-muted text-sm">
                kept clear
              </span>
            )
          const side = place.includes('right') ? 'text-right' : place.includes('left') ? '' : 'text-center'
          const height = place.includes('bottom') ? 'self-end' : place.includes('top') ? '' : 'self-center'
          return (
            <span key={place} className={`min-w-0 ${side} ${height}`}>
              {one && <Shown {...one} small />}
            </span>
          )
        })}
      </div>
    )
  }
  return (
    <div
      data-glance={page.id}
      role="img"
      aria-label={`${page.name}, on the screen`}
      className={`grid aspect-5/3 w-full max-w-xs gap-1 rounded-lg border border-edge bg-deep p-2 ${cells.length > 2 ? 'grid-cols-2' : ''}`}
    >
      {cells.map((one) => (
        <div key={one.key} className="flex min-w-0 flex-col justify-center rounded border border-line px-2">
          <Shown {...one} small={cells.length > 4} />
        </div>
      ))}
      {cells.length === 0 && <p className="m-auto text-muted text-sm">Nothing on it yet.</p>}
    </div>
  )
}

type Cell = {
  cell: NonNullable<GlancePage['cells']>[number]
  name: string
  unit: string
  now: number | null | undefined
  drawn: number | null | undefined
  small: boolean
}

function Shown({ cell, name, unit, now, drawn, small }: Cell) {
  const nothing = now == null
  return (
    <>
      <span className="block truncate text-muted text-sm" title={name}>
        {name}
      </span>
      {cell.look === 'arrow' ? (
        <ArrowUp
          aria-hidden
          size={small ? 22 : 34}
          className={drawn == null ? 'inline text-muted opacity-40' : 'inline text-teal'}
          style={{ transform: `rotate(${drawn ?? 0}deg)` }}
        />
      ) : (
        <span className={`figures block truncate ${small ? '' : 'text-xl'} ${nothing ? 'text-muted' : ''}`}>
          {now ?? '–'} <span className="text-muted text-sm">{unit}</span>
        </span>
      )}
      {cell.look === 'bar' && (
        <span className="mt-0.5 block h-2 w-full overflow-hidden rounded bg-line print:border print:border-ink print:bg-transparent">
          <span
            className="block h-full bg-teal print:border-ink print:border-r-4 print:bg-transparent"
            style={{ width: `${(drawn ?? 0) * 100}%` }}
          />
        </span>
      )}
    </>
  )
}
