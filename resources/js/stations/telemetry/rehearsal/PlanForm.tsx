import { Dices, PencilRuler } from 'lucide-react'
import { Link } from 'react-router'
import { type Plan, rehearsal } from '@/api/rehearsal'
import type { SenseLook } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { atWork, Working } from '@/parts/Working'
import { Circumstances } from './Circumstances'

type Props = {
  plan: Plan
  look: SenseLook
  change: (plan: Plan) => void
  fly: () => void
  busy: boolean
  before: number
}

/** Which flight, and in what. */
export function PlanForm({ plan, look, change, fly, busy, before }: Props) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <div className="w-48">
        <Choice
          label="Flight"
          value={plan.script}
          options={look.scenarios.map((one) => ({ id: one.id, name: one.name }))}
          onChange={(script) => change({ ...plan, script })}
        />
      </div>
      <Link
        to="/equipment?kind=scenarios"
        aria-label="Your own flight scripts, in Equipment"
        title="Your own flight scripts, in Equipment"
        className="inline-flex size-9 items-center justify-center rounded-lg max-md:size-11 hover:bg-line/60"
      >
        <PencilRuler size={15} aria-hidden />
      </Link>
      <Circumstances plan={plan} look={look} change={change} />
      <Button
        look="bare"
        title="Another day: other noise and gusts"
        onClick={() => change({ ...plan, seed: plan.seed + 1 })}
      >
        <Dices size={15} aria-hidden /> <span className="sr-only">Another day instead of</span> day {plan.seed}
      </Button>
      {busy ? (
        <Working says={atWork('Flying…', before)} stop={rehearsal.stop} />
      ) : (
        <Button look="main" onClick={fly}>
          Rehearse
        </Button>
      )}
    </div>
  )
}
