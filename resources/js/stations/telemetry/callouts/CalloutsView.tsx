import { Download, Plus, Volume2 } from 'lucide-react'
import { useState } from 'react'
import { POST } from '@/api/client'
import { placeInLine } from '@/api/line'
import type { Call, SpokenCall } from '@/api/types'
import { type Heard, say } from '@/api/voice'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { download } from '@/parts/download'
import { Tick } from '@/parts/Tick'
import { tell } from '@/parts/toast'
import { atWork, Working } from '@/parts/Working'
import { changeSense, free } from '../edits'
import type { View } from '../views'
import { BenchValues } from './BenchValues'
import { PhraseRow } from './PhraseRow'
import { Variometer } from './Variometer'

const SPOKEN: Record<Heard, string> = {
  clip: 'Spoken by the voice on this machine.',
  browser: 'There is no voice on this machine: spoken by the browser.',
  text: 'Nothing speaks here, neither this machine nor the browser: read the text.',
}

/** What is said, word by word: phrases, callouts, the vario tone, a voice pack. */
export function CalloutsView({ aircraft, document, look }: View) {
  const [heard, setHeard] = useState<Heard | null>(null)
  const sense = document.sense ?? {}
  const hear = (text: string, notes: SpokenCall['notes'] = []) => void say(text, notes).then(setHeard)
  const announces = sense.announces ?? []
  const used = new Set([
    ...(sense.calls ?? []).flatMap(({ says }) => says.flatMap((one) => (typeof one === 'string' ? [] : [one.value]))),
    ...look.calls.flatMap(({ levels }) => levels.map((one) => one.sensor)),
  ])
  const add = () => {
    const step = look.announceable.find((one) => one.id !== 'phase')
    const phase = (document.phases ?? [])[0]
    const call: Call = {
      id: free(
        'call',
        (sense.calls ?? []).map((one) => one.id),
      ),
      name: 'New callout',
      when: phase ? { phase: phase.id } : { not: { phase: step?.id ?? 'main' } },
      repeat: 30,
      says: ['Say something'],
    }
    changeSense((now) => ({ ...now, calls: [...(now.calls ?? []), call] }), 'A new callout')
  }
  const [making, setMaking] = useState<AbortController | null>(null)
  const [before, setBefore] = useState(0)
  const pack = async () => {
    const asking = new AbortController()
    setMaking(asking)
    const place = placeInLine(setBefore)
    const answer = await POST('/api/voice-pack', {
      body: { document },
      headers: place.headers,
      parseAs: 'blob',
      signal: asking.signal,
    }).catch(() => null)
    place.leave()
    setBefore(0)
    setMaking(null)
    if (asking.signal.aborted) return
    if (!answer?.response.ok) {
      tell('There is no voice here to make clips with: install espeak-ng.', { kind: 'problem' })
      return
    }
    download(answer.data as unknown as Blob, `${document.name}-voice-pack.zip`)
  }
  return (
    <div className="flex h-full min-h-0 flex-col overflow-auto lg:flex-row lg:items-start">
      <section aria-label="Phrases" className="min-w-0 flex-1 px-4 py-3">
        <div className="flex items-center gap-3">
          <h2 className="font-semibold">Phrases</h2>
          <Button onClick={add}>
            <Plus size={15} aria-hidden /> A callout
          </Button>
        </div>
        <ul className="mt-2 grid gap-2">
          {look.calls.map((spoken) => {
            const call = sense.calls?.find((one) => one.id === spoken.id)
            return (
              call && (
                <PhraseRow
                  key={call.id}
                  call={call}
                  spoken={spoken}
                  look={look}
                  document={document}
                  aircraft={aircraft}
                  hear={hear}
                />
              )
            )
          })}
          {look.calls.length === 0 && (
            <li className="text-muted">Nothing is said yet. Alarms and callouts come here.</li>
          )}
        </ul>
      </section>
      <section aria-label="Voice" className="shrink-0 border-line px-4 py-3 lg:w-80 lg:border-l">
        <h2 className="font-semibold">Voice</h2>
        <p data-voice={look.voice} className="text-muted text-sm">
          {look.voice
            ? '✓ This machine has a voice: phrases are made into clips.'
            : '○ This machine has no voice (espeak-ng): the browser’s is taken where it has one, else the text is shown.'}
        </p>
        <div className="mt-2">
          <Choice
            label="Language of numbers and units"
            value={sense.language ?? 'en'}
            options={look.languages}
            onChange={(to) =>
              changeSense(
                (now) => ({ ...now, language: to as NonNullable<typeof sense.language> }),
                'Language of the voice',
              )
            }
          />
          <p className="text-muted text-sm">Numbers, units and times; the words of a phrase stay your own.</p>
        </div>
        <div className="mt-2 flex flex-wrap gap-2">
          <Button onClick={() => hear('Dusk Switch can be heard')}>
            <Volume2 size={15} aria-hidden /> Try it
          </Button>
          {making ? (
            <Working says={atWork('Speaking every clip…', before)} stop={() => making.abort()} />
          ) : (
            <Button onClick={() => void pack()}>
              <Download size={15} aria-hidden /> Voice pack
            </Button>
          )}
        </div>
        {heard && (
          <p role="status" data-heard={heard} className="mt-1 text-sm">
            {SPOKEN[heard]}
          </p>
        )}
        <h3 className="mt-4 font-semibold">Announce changes of</h3>
        {look.announceable.map((one) => (
          <Tick
            key={one.id}
            says={one.name}
            on={announces.includes(one.id)}
            onChange={(on) =>
              changeSense(
                (now) => ({
                  ...now,
                  announces: on ? [...announces, one.id] : announces.filter((id) => id !== one.id),
                }),
                on ? `${one.name} is announced` : `${one.name} is silent`,
              )
            }
          />
        ))}
        <Variometer aircraft={aircraft} document={document} look={look} />
        <BenchValues look={look} used={used} />
      </section>
    </div>
  )
}
