import { ChevronDown, ChevronUp } from 'lucide-react'
import { useEffect, useState } from 'react'
import { focusLive, useFrame, useLost } from '@/api/live'
import { useProof } from '@/api/proof'
import type { ChannelSlots } from '@/api/types'
import { Why } from '@/parts/Why'
import type { View } from '../views'
import { PulseRow } from './PulseRow'
import { RulerHead } from './RulerHead'

const NONE: ChannelSlots['slots'] = []

/** Every channel's pulse on a ruler, as the handheld moves. */
export function LiveView({ aircraft, document }: View) {
  const explanation = useFrame((frame) => frame.explanation)
  const lost = useLost()
  const { proof } = useProof()
  const [chosen, setChosen] = useState<number | null>(null)
  const [told, setTold] = useState(false)
  const outputs = document.outputs ?? []
  const channel = outputs.some((one) => one.channel === chosen) ? chosen : (outputs[0]?.channel ?? null)

  const name = outputs.find((one) => one.channel === explanation?.channel)?.name

  useEffect(() => {
    focusLive(channel ?? undefined, undefined)
    return () => focusLive(undefined, undefined)
  }, [channel])

  return (
    <div className="flex h-full min-h-0 flex-col md:flex-row">
      <section aria-label="Pulses" className="flex min-h-0 min-w-0 flex-1 flex-col overflow-auto px-3 py-2 md:px-5">
        <p className="flex items-center gap-2 text-sm">
          <span className="text-rose">▲ Propellers off</span>
          <span className="text-muted">before anything on the bench is powered.</span>
          {lost && (
            <strong role="alert" className="text-rose">
              No answer: these pulses are old.
            </strong>
          )}
        </p>
        {outputs.length === 0 ? (
          <p className="m-auto text-muted">No channel yet. Add one in Program, Loom.</p>
        ) : (
          <div className="mt-2 grid gap-px">
            <RulerHead ruler={aircraft.ruler} />
            {outputs.map((output) => (
              <PulseRow
                key={output.channel}
                output={output}
                ruler={aircraft.ruler}
                slots={proof?.slots.find((one) => one.channel === output.channel)?.slots ?? NONE}
                chosen={channel === output.channel}
                choose={() => setChosen(output.channel)}
              />
            ))}
          </div>
        )}
      </section>
      {explanation && (
        <aside
          aria-label="Explanation"
          className="max-h-[55%] shrink-0 overflow-auto border-line border-t bg-raised px-4 md:max-h-none md:w-80 md:border-t-0 md:border-l md:py-3"
        >
          <h2 className="font-semibold max-md:hidden">
            {explanation.channel} {name}
          </h2>
          <button
            type="button"
            aria-expanded={told}
            onClick={() => setTold(!told)}
            className="flex min-h-11 w-full items-center gap-2 text-left md:hidden"
          >
            <span className="min-w-0 flex-1 truncate font-semibold" title={name}>
              How {explanation.channel} {name} is made
            </span>
            {told ? <ChevronDown size={18} aria-hidden /> : <ChevronUp size={18} aria-hidden />}
          </button>
          <div className={told ? 'pb-3' : 'hidden md:block'}>
            <Why explanation={explanation} />
          </div>
        </aside>
      )}
    </div>
  )
}
