import type { StoredController } from '@/api/types'
import { Field } from '@/parts/Field'
import { TextField } from '@/parts/TextField'
import { givePort } from './edits'

/** Whose place on a port the app knows; any other name is as good. */
const KNOWN = ['receiver', 'GPS', 'video']

type Props = {
  controller: StoredController
  owners: { port: string; owner: string }[]
  parts: { name: string; port?: string }[]
}

/** Who owns which serial port of a controller; the USB port stays free. */
export function Ports({ controller, owners, parts }: Props) {
  if (!controller.ports || controller.ports.length === 0) return null
  return (
    <fieldset className="mt-3 grid gap-1">
      <legend className="text-muted text-sm">Who owns which serial port of {controller.name}</legend>
      {controller.ports.map((port) => (
        <Field key={port.id} label={port.name}>
          {port.kept ? (
            <span className="text-muted text-sm">⌂ stays free: never give it away</span>
          ) : parts.some((one) => one.port === port.id) && !owners.some((one) => one.port === port.id) ? (
            <span className="min-w-0 truncate text-sm">{parts.find((one) => one.port === port.id)?.name}</span>
          ) : (
            <TextField
              label={`Owner of ${port.name}`}
              value={owners.find((one) => one.port === port.id)?.owner ?? ''}
              mayBeEmpty
              maxLength={40}
              suggest={KNOWN}
              onCommit={(owner) => givePort(owners, port.id, owner)}
            />
          )}
        </Field>
      ))}
    </fieldset>
  )
}
