import { Trash2 } from 'lucide-react'
import { type Aircraft, isStepped, type PilotFunction, type Press, type Program } from '@/api/types'
import { workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { TextField } from '@/parts/TextField'
import { driveOf, driveOptions, NOTHING } from '../drives'
import { changeFunction, removeFunction } from '../edits'
import { ShapeFields } from '../rates/ShapeFields'
import { Sheet } from './Sheet'
import { StepFields } from './StepFields'

type Props = { aircraft: Aircraft; document: Program; fn: PilotFunction; close: () => void }

/** What a function means: its control, and its shape or its steps. */
export function FunctionSheet({ aircraft, document, fn, close }: Props) {
  const stepped = isStepped(fn)
  const use = aircraft.buttons[fn.id]
  const drive = use ? `control:${use.button}` : driveOf(fn)
  const options = driveOptions(aircraft, stepped)
  if (drive === 'cases') options.unshift({ id: 'cases', name: 'Conditions' })
  return (
    <Sheet title={fn.name} kind={stepped ? 'switched function' : 'function'} close={close}>
      <Field label="Name" htmlFor="fn-name">
        <TextField
          id="fn-name"
          label="Name"
          value={fn.name}
          onCommit={(name) => changeFunction(fn.id, { name }, `Renamed ${fn.name} to ${name}`)}
        />
      </Field>
      <Field label="Purpose" htmlFor="fn-purpose">
        <Choice
          id="fn-purpose"
          label="Purpose"
          value={fn.purpose ?? ''}
          placeholder="Choose what it is for…"
          options={aircraft.choices.purposes}
          onChange={(id) =>
            changeFunction(fn.id, { purpose: id as NonNullable<PilotFunction['purpose']> }, `${fn.name} is for ${id}`)
          }
        />
      </Field>
      <Field label="Driven by" htmlFor="fn-drive">
        <Choice
          id="fn-drive"
          label="Driven by"
          value={drive}
          options={options}
          onChange={(to) => to !== 'cases' && void workbench.assign(fn.id, to === NOTHING ? null : to)}
        />
      </Field>
      {use && (
        <Field label="Press" htmlFor="fn-press">
          <Choice
            id="fn-press"
            label="Press"
            value={use.press}
            options={aircraft.choices.presses}
            onChange={(press) => void workbench.assign(fn.id, drive, press as Press)}
          />
        </Field>
      )}
      {isStepped(fn) ? (
        <StepFields aircraft={aircraft} document={document} fn={fn} />
      ) : (
        <ShapeFields aircraft={aircraft} document={document} fn={fn} />
      )}
      <Button
        look="danger"
        className="mt-3 justify-self-start"
        onClick={() => {
          removeFunction(fn)
          close()
        }}
      >
        <Trash2 size={15} aria-hidden /> Remove the function
      </Button>
    </Sheet>
  )
}
