import { useLogbook } from '@/api/logbook'
import type { LogbookFlight } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { when } from '@/recording/clock'

const NONE = 'none'

type Props = { flight: LogbookFlight; over: number | null; says: string; onChoose: (flight: number | null) => void }

/** Which other flight is laid over this one; nothing where there is no other. */
export function Beside({ flight, over, says, onChoose }: Props) {
  const flights = useLogbook().data?.flights ?? []
  const others = flights.filter((one) => one.recording !== null && one.id !== flight.id)
  const own = others.filter((one) => one.aircraft === flight.aircraft)
  if (others.length === 0) return null
  const option = (one: LogbookFlight) => ({
    id: String(one.id),
    name: [when(one), one.note].filter((part) => part !== '').join(' · '),
    group: own.includes(one) ? 'This aircraft' : one.aircraftName || 'No aircraft',
  })
  const choices = [...own, ...others.filter((one) => !own.includes(one))].map(option)
  return (
    <div className="mb-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-sm">
      <span className="w-full max-w-72">
        <Choice
          label="Another flight over it"
          value={over === null ? '' : String(over)}
          placeholder="Lay another flight over it…"
          options={over === null ? choices : [{ id: NONE, name: 'None' }, ...choices]}
          onChange={(id) => onChoose(id === NONE ? null : Number(id))}
        />
      </span>
      {says && (
        <span data-laid-over className="text-muted">
          <span aria-hidden className="mr-1.5 inline-block w-6 border-ember border-t-2 border-dashed align-middle" />
          {says}
        </span>
      )}
    </div>
  )
}
