import { Popover } from 'radix-ui'
import { useStores } from '@/api/queries'
import type { Plan } from '@/api/rehearsal'
import type { SenseLook } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { NumberField } from '@/parts/NumberField'
import { Tick } from '@/parts/Tick'
import { percent } from '@/parts/words'

const KITS = 'as in the kit'

type Props = { plan: Plan; look: SenseLook; change: (plan: Plan) => void }

/** What a flight is flown in and with: wind, pack, power, and what goes wrong when. */
export function Circumstances({ plan, look, change }: Props) {
  const packs = useStores().data?.packs ?? []
  const scenario = look.scenarios.find((one) => one.id === plan.script)
  const middle = Math.round((scenario?.seconds ?? 100) / 2)
  const { pack, ...rest } = plan
  const many = plan.mishaps.length
  const said = [
    `wind ${plan.wind} ${plan.windUnit}`,
    `${plan.milliwatts} mW`,
    plan.charge < 1 ? `▲ pack ${percent(plan.charge)}` : 'full pack',
    many === 0 ? 'no faults' : `▲ ${many} fault${many > 1 ? 's' : ''}`,
  ]
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <Button aria-label={`In what it flies: ${said.join(', ')}`}>{said.join(' · ')}</Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="In what it flies"
          align="start"
          sideOffset={4}
          className="z-40 max-h-(--radix-popover-content-available-height) w-[26rem] max-w-[95vw] overflow-auto rounded-lg border border-edge bg-raised p-3 shadow-xl"
        >
          <div className="grid grid-cols-[4rem_1fr_3.5rem_1fr] items-center gap-x-2 gap-y-1.5 text-muted text-sm">
            <span>wind</span>
            <NumberField
              label={`Wind in ${plan.windUnit}`}
              value={plan.wind}
              least={0}
              most={look.wind.most}
              unit={plan.windUnit as 'km/h' | 'mph' | 'kn' | 'm/s'}
              onChange={(wind) => change({ ...plan, wind })}
            />
            <span>from</span>
            <NumberField
              label="Wind from"
              value={plan.from}
              least={0}
              most={360}
              unit="°"
              onChange={(from) => change({ ...plan, from })}
            />
            <span>pack</span>
            <div className="col-span-3">
              <Choice
                label="Pack"
                value={pack ?? KITS}
                options={[{ id: KITS, name: KITS }, ...packs.map((one) => ({ id: one.id, name: one.name }))]}
                onChange={(to) => change(to === KITS ? rest : { ...plan, pack: to })}
              />
            </div>
            <span>charged</span>
            <NumberField
              label="How full the pack is"
              value={plan.charge}
              least={0.1}
              most={1}
              onChange={(charge) => change({ ...plan, charge })}
            />
            <span>power</span>
            <NumberField
              label="Transmit power"
              value={plan.milliwatts}
              least={1}
              most={5000}
              unit="mW"
              onChange={(milliwatts) => change({ ...plan, milliwatts })}
            />
          </div>
          <p className="mt-1 text-muted text-sm">How much power may be sent, local law decides.</p>
          <div className="mt-1 grid grid-cols-[1fr_5rem] items-center gap-2">
            <Tick
              says="Reset telemetry, as one does at the field"
              on={plan.reset !== undefined}
              onChange={(on) => {
                const { reset: _reset, ...without } = plan
                change(on ? { ...plan, reset: 30 } : without)
              }}
            />
            {plan.reset !== undefined && (
              <NumberField
                label="When telemetry is reset"
                value={plan.reset}
                least={0}
                most={3600}
                unit="s"
                onChange={(reset) => change({ ...plan, reset })}
              />
            )}
          </div>
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
  )
}
