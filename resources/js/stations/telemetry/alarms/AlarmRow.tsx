import { Trash2, Volume2 } from 'lucide-react'
import { edit, propose } from '@/api/proposals'
import type { Aircraft, Call, Program, SenseLook, SpokenCall } from '@/api/types'
import { play, say } from '@/api/voice'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { IconButton } from '@/parts/IconButton'
import { Level } from '@/parts/Level'
import { tell } from '@/parts/toast'
import { AtPowerUp } from '../AtPowerUp'
import { CalloutTiming } from '../CalloutTiming'
import { CheckResults } from '../CheckResults'
import { changeCall, removeCall, without } from '../edits'
import { MomentChoice } from '../MomentChoice'

const PRIORITIES = [
  { id: 'critical', name: '◆ critical' },
  { id: 'warning', name: '▲ warning' },
  { id: 'note', name: '○ note' },
]

const ALWAYS = 'always'
const NO_SOUND = 'none'

type Props = { alarm: SpokenCall; call: Call; look: SenseLook; document: Program; aircraft: Aircraft }

/** One alarm: what it waits for, and how it speaks. Levels are in the pilot's unit; the core turns them. */
export function AlarmRow({ alarm, call, look, document, aircraft }: Props) {
  const put = async (place: number, level: number, hysteresis: number) => {
    const done = await edit((draft) => propose.level(draft, call.id, place, level, hysteresis), `${call.name}: level`)
    if ('problem' in done) tell(done.problem, { kind: 'problem' })
  }
  const held = look.checks.some((one) => one.about === `call:${call.id}` && one.topic === 'Sag')
  return (
    <li data-alarm={call.id} className="@container rounded-xl border border-line bg-raised px-3 py-2">
      <div className="flex flex-wrap items-center gap-2">
        <h3 className="min-w-0 grow basis-full truncate font-semibold @md:basis-0">{call.name}</h3>
        <div className="w-32">
          <Choice
            label={`Priority of ${call.name}`}
            value={call.priority ?? 'note'}
            options={PRIORITIES}
            onChange={(priority) =>
              changeCall(
                call.id,
                (now) => ({ ...now, priority: priority as NonNullable<Call['priority']> }),
                `${call.name}: ${priority}`,
              )
            }
          />
        </div>
        <IconButton icon={Volume2} label={`Hear ${call.name}`} onClick={() => void say(alarm.text, alarm.notes)} />
        <IconButton icon={Trash2} label={`Remove ${call.name}`} onClick={() => removeCall(call.id, call.name)} />
      </div>
      <div className="mt-1 flex items-center gap-2 text-muted text-sm">
        <p className="min-w-0 flex-1">
          “{alarm.text}”{alarm.levels.length === 0 && ` when ${alarm.when}`}
        </p>
        <div className="w-44 shrink-0">
          <Choice
            label={`Sound of ${call.name}`}
            value={call.plays ?? NO_SOUND}
            options={[
              { id: NO_SOUND, name: 'voice only' },
              ...look.sounds.map((one) => ({ id: one.id, name: one.says })),
            ]}
            onChange={(sound) => {
              changeCall(
                call.id,
                (now) =>
                  (sound === NO_SOUND
                    ? without(now, 'plays')
                    : { ...now, plays: sound as NonNullable<Call['plays']> }) as Call,
                `${call.name}: its sound`,
              )
              void play(look.sounds.find((one) => one.id === sound)?.notes ?? [])
            }}
          />
        </div>
      </div>
      {alarm.levels.map((level, place) => (
        <div
          key={level.sensor + level.level}
          className="mt-1 grid grid-cols-[6rem_1fr_5rem] items-center gap-x-2 text-sm @md:grid-cols-[1fr_6rem_auto_5rem]"
        >
          <span className="col-span-full truncate @md:col-span-1">
            {level.name} {level.above ? 'above' : 'below'}
          </span>
          <Level
            label={`Level of ${call.name}${place > 0 ? ` ${place + 1}` : ''}`}
            value={level.level}
            onCommit={(to) => void put(place, to, level.hysteresis)}
          />
          <span className="text-muted">{level.unit} · hysteresis</span>
          <Level
            label={`Hysteresis of ${call.name}${place > 0 ? ` ${place + 1}` : ''}`}
            value={level.hysteresis}
            onCommit={(to) => void put(place, level.level, to)}
          />
        </div>
      ))}
      <div className="mt-1 grid grid-cols-[auto_1fr_auto_1fr] items-center gap-x-2 gap-y-1 text-muted text-sm @md:grid-cols-[auto_4.5rem_auto_4.5rem_auto_1fr]">
        <CalloutTiming call={call} after="must last" />
        <span>{(call.repeat ?? 0) === 0 ? '(once),' : ''} speaks</span>
        <div className="col-span-3 @md:col-span-1">
          <MomentChoice
            label={`When ${call.name} begins`}
            says="once"
            value={call.after}
            words={alarm.after}
            first={ALWAYS}
            document={document}
            aircraft={aircraft}
            onChange={(after) =>
              changeCall(
                call.id,
                (now) => (after === undefined ? (without(now, 'after') as Call) : { ...now, after }),
                `${call.name}: quiet until`,
              )
            }
          />
        </div>
      </div>
      <AtPowerUp call={call} />
      <CheckResults checks={look.checks} about={`call:${call.id}`} />
      {held && (
        <Button
          className="mt-1"
          onClick={() =>
            void edit((draft) => propose.hold(draft, call.id), `${call.name} holds before it speaks`).then(
              (done) => 'problem' in done && tell(done.problem, { kind: 'problem' }),
            )
          }
        >
          Must last 3 s
        </Button>
      )}
    </li>
  )
}
