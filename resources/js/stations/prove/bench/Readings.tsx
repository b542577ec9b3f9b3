import { useState } from 'react'
import type { Program, Proposal } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Answer } from './Answer'
import { StepHead } from './StepHead'
import { useAnswer } from './useAnswer'

type Props = {
  step: string
  title: string
  says: string
  document: Program
  /** what the list of channels is called */
  channel: string
  /** what is to be known where the channel is reversed */
  reversed?: string
  /** what is read, in µs */
  readings: string[]
  button: string
  /** what the stand-in controller reads, in the order of the readings */
  practise: (document: Program, channel: number) => Promise<number[]>
  solve: (document: Program, channel: number, read: number[]) => Promise<Proposal>
  note: (channel: number) => string
}

/** Readings of one channel at the controller, in µs, and what a solver makes of them. */
export function Readings({
  step,
  title,
  says,
  document,
  channel: named,
  reversed,
  readings,
  button,
  practise,
  solve,
  note,
}: Props) {
  const outputs = document.outputs ?? []
  const [channel, setChannel] = useState(outputs[0]?.channel ?? 1)
  const [read, setRead] = useState<Record<string, string>>({})
  const answer = useAnswer()
  const texts = readings.map((name) => (read[name] ?? '').trim())
  const numbers = texts.map(Number)
  const complete = texts.every((text, place) => text !== '' && !Number.isNaN(numbers[place]))
  const standIn = () => {
    answer.clear()
    practise(document, channel).then(
      (told) => setRead(Object.fromEntries(readings.map((name, place) => [name, String(told[place] ?? '')]))),
      () => setRead({}),
    )
  }
  const fresh = () => {
    setRead({})
    answer.clear()
  }
  return (
    <section aria-label={title} className="rounded-xl border border-line bg-raised p-3">
      <StepHead step={step}>{title}</StepHead>
      <p className="text-muted text-sm">
        {says} {outputs.find((one) => one.channel === channel)?.reverse && reversed}
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <div className="min-w-40 flex-1">
          <Choice
            label={named}
            value={String(channel)}
            options={outputs.map((one) => ({ id: String(one.channel), name: `${one.channel} ${one.name}` }))}
            onChange={(id) => {
              setChannel(Number(id))
              fresh()
            }}
          />
        </div>
        {readings.map((name) => (
          <label key={name} className="w-24 text-muted text-sm">
            {name}
            <input
              inputMode="decimal"
              aria-label={`${name} in µs`}
              value={read[name] ?? ''}
              placeholder="µs"
              onChange={(event) => {
                setRead({ ...read, [name]: event.target.value.replace(',', '.') })
                answer.clear()
              }}
              className="figures h-9 w-full rounded-lg border border-line bg-deep px-2 text-right text-ink"
            />
          </label>
        ))}
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button disabled={!complete} onClick={() => answer.ask((now) => solve(now, channel, numbers))}>
          {button}
        </Button>
        <Button look="bare" aria-label={`Practise: let the stand-in read ${title}`} onClick={standIn}>
          Practise: let the stand-in read
        </Button>
      </div>
      <Answer {...answer} note={note(channel)} taken={fresh} />
    </section>
  )
}
