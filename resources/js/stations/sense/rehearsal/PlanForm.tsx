import { Dices, PencilRuler } from 'lucide-react'
import { Popover } from 'radix-ui'
import { Link } from 'react-router'
import type { Plan } from '@/api/rehearsal'
import type { SenseLook } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { NumberField } from '@/parts/NumberField'
import { Tick } from '@/parts/Tick'

type Props = { plan: Plan; look: SenseLook; change: (plan: Plan) => void; fly: () => void; busy: boolean }

/** Which flight, in which wind, with which mishaps. */
export function PlanForm({ plan, look, change, fly, busy }: Props) {
  const scenario = look.scenarios.find((one) => one.id === plan.script)
  const middle = Math.round((scenario?.seconds ?? 100) / 2)
  const named =
    plan.mishaps.length === 0 ? 'No mishap' : `▲ ${plan.mishaps.length} mishap${plan.mishaps.length > 1 ? 's' : ''}`
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
      <span className="text-muted text-sm">wind</span>
      <div className="w-22">
        <NumberField
          label="Wind in m/s"
          value={plan.wind}
          least={0}
          most={15}
          unit="m/s"
          onChange={(wind) => change({ ...plan, wind })}
        />
      </div>
      <span className="text-muted text-sm">from</span>
      <div className="w-18">
        <NumberField
          label="Wind from"
          value={plan.from}
          least={0}
          most={360}
          unit="°"
          onChange={(from) => change({ ...plan, from })}
        />
      </div>
      <Popover.Root>
        <Popover.Trigger asChild>
          <Button>{named}</Button>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="start"
            sideOffset={4}
            className="z-40 w-96 rounded-lg border border-edge bg-raised p-3 shadow-xl"
          >
            {look.mishaps.map((one) => {
              const has = plan.mishaps.find((other) => other.kind === one.id)
              const others = plan.mishaps.filter((other) => other.kind !== one.id)
              return (
                <div key={one.id} className="grid grid-cols-[1fr_5rem] items-center gap-2">
                  <Tick
                    says={one.says}
                    on={has !== undefined}
                    onChange={(on) =>
                      change({ ...plan, mishaps: on ? [...others, { kind: one.id, at: middle }] : others })
                    }
                  />
                  {has && (
                    <NumberField
                      label={`When: ${one.id}`}
                      value={has.at}
                      least={0}
                      most={3600}
                      unit="s"
                      onChange={(at) => change({ ...plan, mishaps: [...others, { kind: one.id, at }] })}
                    />
                  )}
                </div>
              )
            })}
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
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
