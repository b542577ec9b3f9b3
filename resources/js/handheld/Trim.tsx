import { hand, hasTrimPerPhase, useHand } from '@/api/hand'
import { useFrame } from '@/api/live'
import type { Axis } from '@/api/types'
import { useWorkbench } from '@/api/workbench'
import { Range } from '@/parts/Range'
import { capital } from '@/parts/words'

type Props = { axis: Axis; clicks: number; vertical: boolean; className: string }

/** A trim: click by click, on either side of its middle. */
export function Trim({ axis, clicks, vertical, className }: Props) {
  const trim = useHand((one) => one.trims[axis]) ?? 0
  const { document } = useWorkbench('document')
  const active = useFrame((frame) => frame.phase)
  // Where each phase has a trim of its own, the lever moves that of the phase that is active.
  const phase = document && active !== null && hasTrimPerPhase(document, axis) ? active : undefined
  const name = document?.phases?.find((one) => one.id === phase)?.name
  const value = typeof trim === 'number' ? trim : (trim[phase ?? ''] ?? 0)
  const at = Math.round(value * clicks)
  const put = (to: number) => hand.trim(axis, Math.min(clicks, Math.max(-clicks, to)) / clicks, phase)
  const label = name ? `${capital(axis)} trim, ${name}` : `${capital(axis)} trim`
  return (
    <div
      role="presentation"
      className={`absolute rounded border border-line bg-ground ${className}`}
      onPointerDown={(event) => {
        const box = event.currentTarget.getBoundingClientRect()
        const high = vertical ? event.clientY < box.top + box.height / 2 : event.clientX > box.left + box.width / 2
        put(at + (high ? 1 : -1))
      }}
    >
      <span
        aria-hidden
        className="absolute rounded bg-sodium"
        style={
          vertical
            ? { bottom: `${((value + 1) / 2) * 100}%`, left: -2, right: -2, height: 4, marginBottom: -2 }
            : { left: `${((value + 1) / 2) * 100}%`, top: -2, bottom: -2, width: 4, marginLeft: -2 }
        }
      />
      <Range
        label={label}
        value={at}
        min={-clicks}
        max={clicks}
        step={1}
        text={`${at} clicks`}
        vertical={vertical}
        change={put}
        rest={() => put(0)}
        title={`${label}: ${at} clicks`}
        data={{ 'data-trim': axis }}
      />
    </div>
  )
}
