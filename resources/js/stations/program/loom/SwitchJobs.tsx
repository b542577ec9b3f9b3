import type { Aircraft, Program } from '@/api/types'
import { workbench } from '@/api/workbench'
import { Choice } from '@/parts/Choice'
import { Tick } from '@/parts/Tick'

type Control = Aircraft['transmitterDefinition']['controls'][number]
type Props = { document: Program; control: Control }

const NEVER = 'never'

/** What a switch does beside functions: its check at power-up, and the trainer link. */
export function SwitchJobs({ document, control }: Props) {
  const checked = document.aboard?.startCheck ?? []
  const when = document.trainer?.when
  const mine = typeof when === 'object' && 'at' in when && when.control === control.id ? when.at : NEVER
  const check = (on: boolean) =>
    workbench.edit(
      (now) => ({
        ...now,
        aboard: {
          ...now.aboard,
          startCheck: [...checked.filter((one) => one !== control.id), ...(on ? [control.id] : [])],
        },
      }),
      on ? `${control.name} is checked at power-up` : `${control.name} isn’t checked at power-up`,
    )
  const train = (at: string) =>
    workbench.edit(
      (now) => {
        const { trainer, ...rest } = now
        return at === NEVER ? rest : { ...rest, trainer: { ...trainer, when: { control: control.id, at } } }
      },
      at === NEVER ? 'No trainer link' : `The student flies while ${control.name} is ${at}`,
    )
  return (
    <div className="mt-2">
      {control.detents[0] !== 'pressed' && (
        <Tick says="Warn at power-up unless it is at rest" on={checked.includes(control.id)} onChange={check} />
      )}
      <span className="mt-1 block text-muted text-sm">Trainer link: the student flies</span>
      <Choice
        label="Trainer link: the student flies"
        value={mine}
        options={[
          { id: NEVER, name: when && mine === NEVER ? 'by another control' : 'never' },
          ...control.detents.map((at) => ({ id: at, name: `while it is ${at}` })),
        ]}
        onChange={train}
      />
      {mine !== NEVER && (
        <p className="mt-1 text-muted text-sm">
          Try it on the ground, propellers off: the teacher must get the sticks back at once.
        </p>
      )}
    </div>
  )
}
