import { useEffect, useState } from 'react'
import { focusLive, useFrame, useLost } from '@/api/live'
import { Why } from '@/parts/Why'
import type { View } from '../views'
import { PulseRow } from './PulseRow'
import { RulerHead } from './RulerHead'

/** Every channel's pulse on a ruler, as the handheld moves. */
export function LiveView({ aircraft, document }: View) {
  const explanation = useFrame((frame) => frame.explanation)
  const lost = useLost()
  const [chosen, setChosen] = useState<number | null>(null)
  const outputs = document.outputs ?? []
  const channel = outputs.some((one) => one.channel === chosen) ? chosen : (outputs[0]?.channel ?? null)

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
          <p className="m-auto text-muted">No channel yet. Add one on Wire.</p>
        ) : (
          <div className="mt-2 grid gap-[3px]">
            <RulerHead ruler={aircraft.ruler} />
            {outputs.map((output) => (
              <PulseRow
                key={output.channel}
                output={output}
                ruler={aircraft.ruler}
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
          className="shrink-0 overflow-auto border-line border-t bg-raised px-4 py-3 md:w-80 md:border-t-0 md:border-l"
        >
          <h2 className="font-semibold">
            {explanation.channel} {outputs.find((one) => one.channel === explanation.channel)?.name}
          </h2>
          <Why explanation={explanation} />
        </aside>
      )}
    </div>
  )
}
