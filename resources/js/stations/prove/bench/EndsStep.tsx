import { useState } from 'react'
import { propose } from '@/api/proposals'
import type { Program } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Answer } from './Answer'
import { useAnswer } from './useAnswer'

const READINGS = [
  ['low', 'Low end'],
  ['centre', 'Centre'],
  ['high', 'High end'],
] as const

/** Three readings of one channel at the controller give its sub-trim and both travels. */
export function EndsStep({ document }: { document: Program }) {
  const outputs = document.outputs ?? []
  const [channel, setChannel] = useState(outputs[0]?.channel ?? 1)
  const [read, setRead] = useState({ low: '', centre: '', high: '' })
  const answer = useAnswer()
  const numbers = READINGS.map(([key]) => Number(read[key]))
  const complete = READINGS.every(([key]) => read[key].trim() !== '' && !Number.isNaN(Number(read[key])))
  const [low = 0, centre = 0, high = 0] = numbers
  return (
    <section aria-label="Centre and ends" className="rounded-xl border border-line bg-raised p-3">
      <h2 className="font-semibold">3 Centre, then ends</h2>
      <p className="text-muted text-sm">
        Read the channel at the controller with the stick at its ends and in its middle. Never centre the throttle.
      </p>
      <div className="mt-2 grid grid-cols-[1fr_6rem_6rem_6rem] items-end gap-2">
        <Choice
          label="Channel to centre"
          value={String(channel)}
          options={outputs.map((one) => ({ id: String(one.channel), name: `${one.channel} ${one.name}` }))}
          onChange={(id) => {
            setChannel(Number(id))
            setRead({ low: '', centre: '', high: '' })
            answer.clear()
          }}
        />
        {READINGS.map(([key, name]) => (
          <label key={key} className="text-muted text-sm">
            {name}
            <input
              inputMode="decimal"
              aria-label={`${name} in µs`}
              value={read[key]}
              placeholder="µs"
              onChange={(event) => {
                setRead({ ...read, [key]: event.target.value.replace(',', '.') })
                answer.clear()
              }}
              className="figures h-9 w-full rounded-lg border border-line bg-deep px-2 text-right text-ink"
            />
          </label>
        ))}
      </div>
      <Button
        className="mt-2"
        disabled={!complete}
        onClick={() => answer.ask((now) => propose.ends(now, channel, low, centre, high))}
      >
        Solve centre and ends
      </Button>
      <Answer
        {...answer}
        note={`Centre and ends of channel ${channel} from the bench`}
        taken={() => {
          answer.clear()
          setRead({ low: '', centre: '', high: '' })
        }}
      />
    </section>
  )
}
