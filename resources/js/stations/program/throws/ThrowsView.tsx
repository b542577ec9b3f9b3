import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { data, POST } from '@/api/client'
import type { ThrowUnit } from '@/api/types'
import { Segments } from '@/parts/Segments'
import type { View } from '../views'
import { Asked } from './Asked'
import { Surface } from './Surface'

const UNITS = [
  { id: 'mm', name: 'mm' },
  { id: 'deg', name: 'Degrees' },
]

/** How far surfaces go: measured on the model, then asked for; the core solves travel and rates. */
export function ThrowsView({ document }: View) {
  const [unit, setUnit] = useState<ThrowUnit>('mm')
  const { data: throws } = useQuery({
    queryKey: ['throws', document, unit],
    queryFn: () => data(POST('/api/throws', { body: { document, unit } })),
    placeholderData: keepPreviousData,
  })
  if (!throws) return null
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <div className="flex flex-wrap items-center gap-3">
        <p className="min-w-0 flex-1 text-muted text-sm">
          Move the stick fully to either side, everything else at rest, and measure at the trailing edge. Propellers
          off.
        </p>
        <Segments label="Unit" value={unit} options={UNITS} onChange={(id) => setUnit(id as ThrowUnit)} />
      </div>
      {throws.surfaces.length === 0 && (
        <p className="mt-4 text-muted">
          Nothing here moves a surface. Say on the loom what each channel moves, or take a recipe in Mixing.
        </p>
      )}
      <section aria-label="Measured" className="mt-2">
        <h3 className="font-semibold">Measured</h3>
        <ul className="mt-1 grid gap-1.5">
          {throws.surfaces.map((one) => (
            <Surface key={`${one.channel} ${unit} ${JSON.stringify(one.measured)}`} surface={one} unit={unit} />
          ))}
        </ul>
      </section>
      <section aria-label="Asked for" className="mt-4">
        <h3 className="font-semibold">Asked for</h3>
        <p className="text-muted text-sm">
          The largest throw sets the travel; the others set rates, or steps. What is only mixed in is set in Mixing.
        </p>
        <div className="mt-1 grid gap-2 lg:grid-cols-2">
          {throws.functions.map((one) => (
            <Asked key={`${one.id} ${JSON.stringify(one.places)}`} document={document} moving={one} unit={unit} />
          ))}
        </div>
      </section>
    </div>
  )
}
