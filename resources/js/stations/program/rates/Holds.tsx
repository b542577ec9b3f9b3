import { Plus, X } from 'lucide-react'
import type { Aircraft, Program, ProportionalFunction } from '@/api/types'
import { IconButton } from '@/parts/IconButton'
import { keyed } from '@/parts/keyed'
import { FARTHEST } from '@/parts/limits'
import { NumberField } from '@/parts/NumberField'
import { ConditionButton } from '../../conditions/ConditionButton'
import { changeFunction } from '../edits'

const MOST = 16
/** Where a hold begins: as a motor stands still. */
const LOWEST = -1

type Props = { aircraft: Aircraft; document: Program; fn: ProportionalFunction }

/** Where a function stands still while something holds: a motor cut, a flap setting for launch. */
export function Holds({ aircraft, document, fn }: Props) {
  const words = aircraft.words.functions[fn.id] ?? []
  const holds = fn.override ?? []
  const put = (override: typeof holds, what: string) => changeFunction(fn.id, { override }, `${fn.name}: ${what}`)
  const swap = (index: number, change: Partial<(typeof holds)[number]>, what: string) =>
    put(
      holds.map((one, at) => (at === index ? { ...one, ...change } : one)),
      what,
    )
  return (
    <>
      {holds.length > 0 && <h3 className="mt-1 text-muted text-sm">Held; the first that holds counts</h3>}
      {keyed(holds, (one) => JSON.stringify(one.when)).map(({ key, item, index }) => (
        <div key={key} data-hold={index} className="rounded-lg border border-line px-2 py-1.5">
          <div className="flex items-center gap-1">
            <span className="text-sm text-sodium">at</span>
            <NumberField
              label={`${fn.name} is held at`}
              value={item.value}
              least={-FARTHEST}
              most={FARTHEST}
              onChange={(value) => swap(index, { value }, 'held elsewhere')}
            />
            <IconButton
              icon={X}
              label={`Remove hold ${index + 1} of ${fn.name}`}
              onClick={() =>
                put(
                  holds.filter((_, at) => at !== index),
                  'a hold less',
                )
              }
            />
          </div>
          <div className="mt-1 flex items-center gap-2">
            <p className="min-w-0 flex-1 break-words text-sm">while {words[index] ?? 'a condition holds'}</p>
            <ConditionButton
              aircraft={aircraft}
              document={document}
              title={`When ${fn.name} is held`}
              words={words[index] ?? ''}
              value={item.when}
              label={`Change hold ${index + 1} of ${fn.name}`}
              onTake={(when) => swap(index, { when }, 'held on another condition')}
            >
              Change…
            </ConditionButton>
          </div>
        </div>
      ))}
      <ConditionButton
        aircraft={aircraft}
        document={document}
        title={`When ${fn.name} is held`}
        value={null}
        disabled={holds.length >= MOST}
        onTake={(when) => put([...holds, { when, value: LOWEST }], 'a hold')}
      >
        <Plus size={15} aria-hidden /> Hold it while…
      </ConditionButton>
    </>
  )
}
