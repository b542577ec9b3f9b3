import { useEffect } from 'react'
import { useSearchParams } from 'react-router'
import { useLines } from '@/api/lines'
import { focusLive } from '@/api/live'
import { useRecipes } from '@/api/queries'
import { isStepped, type ProportionalFunction } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { ShapePlot } from '@/parts/ShapePlot'
import type { View } from '../views'
import { CurvePanel } from './CurvePanel'
import { newCurve } from './curves'
import { LiveDot, LiveFigures, LiveValue } from './LiveDot'
import { placesOf, useNow } from './places'
import { ShapeFields } from './ShapeFields'

/** Rate, expo and curve of a function in every phase, drawn large with the live dot. */
export function RatesView({ aircraft, document }: View) {
  const now = useNow()
  const [search, setSearch] = useSearchParams()
  const recipes = useRecipes()
  const shaped = (document.functions ?? []).filter((one): one is ProportionalFunction => !isStepped(one))
  const fn = shaped.find((one) => one.id === search.get('of')) ?? shaped[0]
  const places = fn ? placesOf(document, fn, aircraft.words.functions[fn.id] ?? [], now) : []
  const wanted = search.get('rate') !== null ? `rate:${search.get('rate')}` : `phase:${search.get('phase')}`
  const place = places.find((one) => one.id === wanted) ?? places.find((one) => one.live) ?? places[0]
  const shape = place?.shape
  const curve = shape?.curve ? document.curves?.[shape.curve] : undefined
  const { lines, curve: line } = useLines(fn?.id, curve ? shape?.curve : undefined)
  const id = fn?.id
  useEffect(() => {
    focusLive(undefined, id)
    return () => focusLive(undefined, undefined)
  }, [id])
  if (!fn || !place) return <p className="p-6 text-muted">No function follows a stick yet. Add one on the loom.</p>
  const go = (of: string, at: string) => {
    const [kind, id] = at.split(':') as [string, string]
    setSearch({ of, [kind]: id }, { replace: true })
  }
  const open = (id: string) => go(id, place.rate === null ? place.id : (places[0]?.id ?? ''))

  return (
    <div className="flex h-full min-h-0 flex-col overflow-auto md:flex-row md:overflow-hidden">
      <div className="p-2 md:w-40 md:shrink-0 xl:hidden">
        <Choice
          label="Function"
          value={fn.id}
          options={shaped.map((one) => ({ id: one.id, name: one.name }))}
          onChange={open}
        />
      </div>
      <ul aria-label="Functions" className="hidden shrink-0 gap-1 overflow-auto p-2 xl:flex xl:w-44 xl:flex-col">
        {shaped.map((one) => (
          <li key={one.id} className="shrink-0">
            <button
              type="button"
              aria-pressed={one.id === fn.id}
              data-function={one.id}
              onClick={() => open(one.id)}
              className={`flex w-full items-center justify-between gap-2 rounded-lg border px-2.5 py-1.5 text-left text-sm ${one.id === fn.id ? 'border-sodium bg-line' : 'border-line bg-raised hover:border-edge'}`}
            >
              <span className="truncate" title={one.name}>
                {one.name}
              </span>
              <LiveValue id={one.id} />
            </button>
          </li>
        ))}
      </ul>
      <div className="flex min-w-0 shrink-0 flex-col gap-4 px-2 py-2 md:min-h-0 md:flex-1 md:shrink md:overflow-auto xl:flex-row xl:overflow-hidden">
        <section
          aria-label="Answer"
          className="flex min-h-0 min-w-64 flex-col gap-1.5 md:max-xl:h-80 md:max-xl:shrink-0 xl:flex-1"
        >
          <h3 className="flex h-7 items-center justify-between gap-2 text-sm">
            <span className="min-w-0 truncate">
              <span className="text-muted">Stick to value,</span> {place.name}
            </span>
            <LiveFigures />
          </h3>
          <ShapePlot
            lines={lines}
            place={place}
            title={`${fn.name}: stick to value in every phase and dual rate`}
            className="aspect-square w-full md:aspect-auto md:min-h-0 md:flex-1"
          >
            <LiveDot />
          </ShapePlot>
          {!curve && (
            <Button
              className="self-start"
              onClick={() =>
                newCurve(
                  document,
                  fn,
                  place,
                  { points: recipes.data?.curves['Five points'] ?? [] },
                  `${fn.id}-${place.phase ?? 'rate'}`.slice(0, 36),
                )
              }
              disabled={!recipes.data}
            >
              Draw a curve instead of expo
            </Button>
          )}
        </section>
        {curve && shape?.curve && (
          <CurvePanel
            key={shape.curve}
            users={aircraft.curveUsers[shape.curve] ?? []}
            document={document}
            fn={fn}
            place={place}
            id={shape.curve}
            curve={curve}
            line={line}
          />
        )}
      </div>
      <aside
        aria-label={`Shape of ${fn.name}`}
        className="grid shrink-0 content-start gap-1.5 overflow-auto border-line border-t bg-raised px-4 py-3 md:w-80 md:border-t-0 md:border-l"
      >
        <ShapeFields
          aircraft={aircraft}
          document={document}
          fn={fn}
          plot={false}
          at={place.id}
          onPlace={(at) => go(fn.id, at)}
        />
      </aside>
    </div>
  )
}
