import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { flightsChanged, sendLogbook } from '@/api/logbook'
import { said } from '@/api/proposals'
import type { TakenLogbook } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Dialog } from '@/parts/Dialog'
import { tell } from '@/parts/toast'
import { clock, when } from '@/recording/clock'

type First = 'day' | 'month'

const ORDERS = [
  { id: 'day', name: 'The day stands first: 05/09 is 5 September' },
  { id: 'month', name: 'The month stands first: 05/09 is 9 May' },
]

/** Another logbook, shown before its flights are taken in. */
export function LogbookDialog({ file, onClose }: { file: File; onClose: () => void }) {
  const [first, setFirst] = useState<First | undefined>(undefined)
  const client = useQueryClient()
  const look = useQuery({
    queryKey: ['logbook-file', file.name, file.lastModified, file.size, first],
    queryFn: () => sendLogbook(file, first, false),
    placeholderData: (before) => before,
    retry: false,
    gcTime: 0,
  })
  const take = useMutation({
    mutationFn: () => sendLogbook(file, first, true),
    onSuccess: (taken) => {
      flightsChanged(client)
      tell(`${flights(taken.new)} from ${file.name}`)
      onClose()
    },
  })
  const seen = look.data
  return (
    <Dialog
      open
      title={`Flights of ${file.name}`}
      onClose={onClose}
      foot={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button
            look="main"
            disabled={!seen || seen.new === 0 || look.isError || take.isPending}
            onClick={() => take.mutate()}
          >
            {seen ? `Take in ${flights(seen.new)}` : 'Take in'}
          </Button>
        </>
      }
    >
      {look.isPending && <p className="text-muted">◌ Reading…</p>}
      {(take.error ?? look.error) && (
        <p role="alert" className="text-rose">
          ▲ {said(take.error ?? look.error)}
        </p>
      )}
      {seen && !look.error && (
        <>
          {seen.isDayGuessed && (
            <div className="mb-2">
              <p className="text-sodium text-sm">▲ Its dates could be read both ways.</p>
              <Choice
                label="What stands first in its dates"
                value={first ?? 'day'}
                options={ORDERS}
                onChange={(to) => setFirst(to as First)}
              />
            </div>
          )}
          <Seen seen={seen} />
        </>
      )}
    </Dialog>
  )
}

function Seen({ seen }: { seen: TakenLogbook }) {
  return (
    <div className="grid gap-2 text-sm">
      <p>
        {flights(seen.new)} to take in
        {seen.known > 0 && `; ${flights(seen.known)} ${seen.known === 1 ? 'is' : 'are'} in the logbook already`}.
      </p>
      {seen.flights.length > 0 && (
        <table className="w-full">
          <tbody>
            {seen.flights.map((one) => (
              <tr key={one.line} data-taken={one.line} className="border-line border-b">
                <td className="py-1 pr-2">{when(one)}</td>
                <td className="pr-2">
                  {one.isKnown ? '' : '◌ '}
                  {one.aircraft}
                </td>
                <td className="figures pr-2 text-right">{one.seconds === null ? '' : clock(one.seconds)}</td>
                <td className="text-muted">{one.site}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {seen.new > seen.flights.length && <p className="text-muted">and {seen.new - seen.flights.length} more.</p>}
      {seen.remarks.map((one) => (
        <p key={one} className="text-muted">
          ○ {one}
        </p>
      ))}
      {seen.bad.length > 0 && (
        <details>
          <summary className="cursor-pointer text-sodium">
            ▲ {seen.bad.length} {seen.bad.length === 1 ? 'line is' : 'lines are'} left out
          </summary>
          <ul className="mt-1 max-h-40 overflow-auto pl-4">
            {seen.bad.map((one) => (
              <li key={one.line}>
                line {one.line}: {one.why}
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  )
}

const flights = (count: number) => `${count} ${count === 1 ? 'flight' : 'flights'}`
