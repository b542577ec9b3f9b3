import { usePilot, usePilotChange } from '@/api/pilot'
import { said } from '@/api/proposals'
import type { Pilot, Sense } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { tell } from '@/parts/toast'
import { changeSense, without } from '../edits'

const AS_PILOT = 'as-pilot'

/** In which values are read and heard: the pilot's own units for all aircraft, or others for this one. */
export function Systems({ system }: { system: Sense['system'] }) {
  const { data: pilot } = usePilot()
  const change = usePilotChange()
  if (!pilot) return null
  const systems = pilot.systems.map((one) => ({ id: one.id as string, name: one.says }))
  const put = (to: string) =>
    changeSense(
      (now) => (to === AS_PILOT ? without(now, 'system') : { ...now, system: to as Pilot['units'] }),
      to === AS_PILOT ? 'Units as mine' : `Units: ${to}`,
    )
  return (
    <>
      <span className="text-muted text-sm">my units</span>
      <div className="w-52">
        <Choice
          label="My units, for all aircraft"
          value={pilot.units}
          options={systems}
          onChange={(to) =>
            change.mutate(to as Pilot['units'], { onError: (problem) => tell(said(problem), { kind: 'problem' }) })
          }
        />
      </div>
      <span className="text-muted text-sm">this aircraft</span>
      <div className="w-52">
        <Choice
          label="Units"
          value={system ?? AS_PILOT}
          options={[{ id: AS_PILOT, name: 'As mine' }, ...systems]}
          onChange={put}
        />
      </div>
    </>
  )
}
