import { Plus, Trash2 } from 'lucide-react'
import { ToggleGroup } from 'radix-ui'
import { useState } from 'react'
import type { Aircraft, Condition, Program, ProportionalFunction } from '@/api/types'
import { Button } from '@/parts/Button'
import { IconButton } from '@/parts/IconButton'
import { ConditionDialog } from '../../conditions/ConditionDialog'
import { changeFunction } from '../edits'
import type { Place } from './places'

type Props = {
  aircraft: Aircraft
  document: Program
  fn: ProportionalFunction
  places: Place[]
  place: Place
  choose: (id: string) => void
}

const MOST = 8

/** A phase or a dual rate to look at; dual rates are added, switched otherwise and removed here. */
export function PlaceChoice({ aircraft, document, fn, places, place, choose }: Props) {
  const [asking, setAsking] = useState<'new' | 'other' | null>(null)
  const rates = fn.dualRates ?? []
  const put = (dualRates: typeof rates, note: string) => changeFunction(fn.id, { dualRates }, note)
  const take = (when: Condition) => {
    if (asking === 'new') {
      put([...rates, { when, ...place.shape }], `${fn.name}: a dual rate`)
      choose(`rate:${rates.length}`)
    } else {
      put(
        rates.map((one, at) => (at === place.rate ? { ...one, when } : one)),
        `${fn.name}: a dual rate on another switch`,
      )
    }
  }
  const present = place.rate === null ? null : (rates[place.rate]?.when ?? null)
  return (
    <>
      {places.length > 1 && (
        <ToggleGroup.Root
          type="single"
          value={place.id}
          onValueChange={(id) => id && choose(id)}
          aria-label="Phase or dual rate"
          className="flex flex-wrap gap-1"
        >
          {places.map((one) => (
            <ToggleGroup.Item
              key={one.id}
              value={one.id}
              data-place={one.id}
              className={`rounded-lg border px-2.5 py-1 text-left text-sm data-[state=on]:border-sodium data-[state=on]:text-sodium ${one.rate === null ? 'border-line' : 'border-line border-dashed'}`}
            >
              {one.live ? '◆ ' : ''}
              {one.name}
            </ToggleGroup.Item>
          ))}
        </ToggleGroup.Root>
      )}
      {place.rate !== null && (
        <div className="flex items-center gap-1">
          <p className="min-w-0 flex-1 text-muted text-sm">Goes before the phase’s shape while {place.name}.</p>
          <Button className="min-h-8 px-2" onClick={() => setAsking('other')}>
            Change…
          </Button>
          <IconButton
            icon={Trash2}
            label={`Remove the dual rate while ${place.name}`}
            onClick={() => {
              put(
                rates.filter((_, at) => at !== place.rate),
                `${fn.name}: a dual rate less`,
              )
              choose(places[0]?.id ?? '')
            }}
          />
        </div>
      )}
      <Button
        className="min-h-8 justify-self-start px-2"
        disabled={rates.length >= MOST}
        onClick={() => setAsking('new')}
      >
        <Plus size={15} aria-hidden /> Add a dual rate…
      </Button>
      {asking && (
        <ConditionDialog
          aircraft={aircraft}
          document={document}
          title={asking === 'new' ? `A dual rate for ${fn.name}` : `When ${fn.name} has this rate`}
          words={asking === 'new' ? '' : place.name}
          value={asking === 'new' ? null : present}
          onTake={take}
          onClose={() => setAsking(null)}
        />
      )}
    </>
  )
}
