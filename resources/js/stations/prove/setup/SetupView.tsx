import { useState } from 'react'
import { useProof } from '@/api/proof'
import { propose } from '@/api/proposals'
import { Button } from '@/parts/Button'
import { ProposalDialog } from '@/parts/ProposalDialog'
import type { View } from '../views'
import { Copy } from './Copy'
import { OwnSettings } from './OwnSettings'
import { Positions } from './Positions'
import { Ranges } from './Ranges'
import { Settings } from './Settings'

/** How the controller is set up in this aircraft, and where each position of the switches lands in it. */
export function SetupView({ aircraft, document }: View) {
  const { proof } = useProof()
  const [asking, setAsking] = useState(false)
  if (!proof) return <p className="p-6 text-muted">◌ Reading the controller’s set-up…</p>
  if (!proof.setup) {
    return (
      <p className="m-auto max-w-lg p-6 text-muted">
        No controller is in this aircraft’s kit. Choose one on Kit, and its set-up appears here.
      </p>
    )
  }
  const own = document.aboard?.controller ?? {}
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <p className="max-w-3xl text-muted text-sm">
          {proof.setup.controller} as it is set in this aircraft. The proof judges by it: enter what the controller’s
          own screen shows. What you don’t change is as it arrives.
        </p>
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => setAsking(true)}>Ranges for these switches…</Button>
          <Copy aircraft={aircraft} document={document} />
        </div>
      </div>
      <div className="mt-3 grid items-start gap-3 xl:grid-cols-[3fr_2fr]">
        <div className="grid gap-3">
          {proof.slots.map((channel) => (
            <Positions key={channel.channel} aircraft={aircraft} channel={channel} />
          ))}
          <Ranges known={proof.setup} own={own} ruler={aircraft.ruler} />
        </div>
        <Settings known={proof.setup} own={own} ruler={aircraft.ruler} />
      </div>
      <OwnSettings id={aircraft.id} />
      {asking && (
        <ProposalDialog
          title="Ranges for these switches"
          says="A range for each mode, and for arming, around what its position sends. Enter the same in the controller."
          ask={() => propose.ranges(document)}
          note="Ranges for the switches"
          nothing="Every position lies where it is meant already."
          onClose={() => setAsking(false)}
        />
      )}
    </div>
  )
}
