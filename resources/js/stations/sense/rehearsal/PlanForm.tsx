import { Dices, PencilRuler } from 'lucide-react'
import { Link } from 'react-router'
import type { Plan } from '@/api/rehearsal'
import type { SenseLook } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Circumstances } from './Circumstances'

type Props = { plan: Plan; look: SenseLook; change: (plan: Plan) => void; fly: () => void; busy: boolean }

/** Which flight, and in what. */
export function PlanForm({ plan, look, change, fly, busy }: Props) {
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
        to="/stores?kind=scenarios"
        aria-label="Your own flight scripts, in Stores"
        title="Your own flight scripts, in Stores"
        className="inline-flex size-9 items-center justify-center rounded-lg hover:bg-line/60"
      >
        <PencilRuler size={15} aria-hidden />
      </Link>
      <Circumstances plan={plan} look={look} change={change} />
      <Button
        look="bare"
        aria-label="Another day: other noise and gusts"
        onClick={() => change({ ...plan, seed: plan.seed + 1 })}
      >
        <Dices size={15} aria-hidden /> day {plan.seed}
      </Button>
      <Button look="main" disabled={busy} onClick={fly}>
        {busy ? 'Flying…' : 'Fly it'}
      </Button>
    </div>
  )
}
