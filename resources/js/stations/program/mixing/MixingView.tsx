import { Hammer } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { focusLive, useFrame } from '@/api/live'
import { Button } from '@/parts/Button'
import type { View } from '../views'
import { RecipeDialog } from './RecipeDialog'
import { Rotary } from './Rotary'
import type { Parts } from './surfaces'
import { Waterfall } from './Waterfall'
import { Wheeled } from './Wheeled'
import { Winged } from './Winged'

/** What feeds what: in words, on the aircraft, and for one output as a waterfall. */
export function MixingView({ aircraft, document }: View) {
  const frame = useFrame((one) => one)
  const [search, setSearch] = useSearchParams()
  const [recipe, setRecipe] = useState(false)
  const outputs = document.outputs ?? []
  const wanted = Number(search.get('channel'))
  const at = outputs.some((one) => one.channel === wanted) ? wanted : (outputs[0]?.channel ?? null)
  useEffect(() => {
    focusLive(at ?? undefined, undefined)
    return () => focusLive(undefined, undefined)
  }, [at])
  const pick = (channel: number) => setSearch({ channel: String(channel) }, { replace: true })
  const parts: Parts = {}
  for (const output of outputs) {
    const part = aircraft.parts[output.channel]
    // Several outputs may play the same part: the first keeps its name.
    const key = part?.replace(/^input-/, '')
    if (key)
      parts[parts[key] ? `${key} ${output.channel}` : key] = {
        channel: output.channel,
        name: output.name,
        value: frame?.meant[output.channel] ?? 0,
        turns: frame?.turning.includes(output.channel) ?? false,
      }
  }
  const helicopter = document.family === 'helicopter'
  const rotary = helicopter || document.family === 'multirotor' || document.family === 'tiny-multirotor'
  const explanation = frame?.explanation?.channel === at ? frame?.explanation : null
  return (
    <div className="flex h-full min-h-0 flex-col overflow-auto md:flex-row">
      <section aria-label="What feeds what" className="shrink-0 px-3 py-2 md:w-72 lg:w-96">
        <Button className="mb-2 w-full" onClick={() => setRecipe(true)}>
          <Hammer size={15} aria-hidden /> Airframe recipe…
        </Button>
        <ul className="grid grid-cols-1 gap-1">
          {outputs.map((output) => {
            const value = frame?.outputs[output.channel]
            return (
              <li key={output.channel}>
                <button
                  type="button"
                  data-mix={output.channel}
                  aria-pressed={output.channel === at}
                  onClick={() => pick(output.channel)}
                  className={`w-full rounded-lg border px-2.5 py-1 text-left text-sm ${output.channel === at ? 'border-sodium bg-line' : 'border-line bg-raised hover:border-edge'}`}
                >
                  <span className="flex justify-between gap-2">
                    <strong className="min-w-0 truncate">
                      <span className="figures font-normal text-muted">{output.channel}</span> {output.name}
                    </strong>
                    <span className="figures shrink-0 text-teal">
                      {value?.clipped && <span className="text-rose">▲ clips </span>}
                      {value ? `${value.pulse} µs` : '…'}
                    </span>
                  </span>
                  {(aircraft.words.mixing[output.channel] ?? []).map((sentence) => (
                    <span key={sentence} className="block text-muted">
                      {sentence}
                    </span>
                  ))}
                  {(output.feeds ?? []).length === 0 && <span className="block text-sodium">▲ nothing feeds it</span>}
                </button>
              </li>
            )
          })}
        </ul>
      </section>
      <section
        aria-label="On the aircraft"
        className="flex h-96 min-w-0 shrink-0 flex-col border-line px-3 py-2 md:h-auto md:flex-1 md:shrink md:border-l"
      >
        {document.family === 'ground-vehicle' ? (
          <Wheeled parts={parts} at={at} pick={pick} />
        ) : rotary ? (
          <Rotary parts={parts} at={at} pick={pick} helicopter={helicopter} />
        ) : (
          <Winged
            parts={parts}
            at={at}
            pick={pick}
            wing={document.family === 'flying-wing'}
            glider={document.family === 'sailplane'}
          />
        )}
        {Object.keys(parts).length === 0 && (
          <p className="text-muted text-sm">
            The picture shows outputs by what they move, and of none here is it said. Say it in the output's fields in
            the loom.
          </p>
        )}
      </section>
      {explanation && (
        <aside
          aria-label="Waterfall"
          className="shrink-0 border-line border-t bg-raised px-3 py-2 md:w-80 xl:w-96 md:border-t-0 md:border-l"
        >
          <h2 className="mb-1 flex justify-between">
            <strong className="min-w-0">
              {explanation.channel} {outputs.find((one) => one.channel === explanation.channel)?.name}
            </strong>
            <Link
              to={`/aircraft/${aircraft.id}/program?at=output:${explanation.channel}`}
              className="shrink-0 text-sm text-sodium underline"
            >
              Edit it
            </Link>
          </h2>
          <Waterfall explanation={explanation} />
        </aside>
      )}
      {recipe && <RecipeDialog aircraft={aircraft} document={document} onClose={() => setRecipe(false)} />}
    </div>
  )
}
