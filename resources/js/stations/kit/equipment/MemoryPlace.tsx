import type { Aboard } from '@/api/types'
import { Field } from '@/parts/Field'
import { TextField } from '@/parts/TextField'
import { changeKit, without } from './edits'

const MOST_MATCH = 255

/** Where the program lies in the transmitter, and the number that keeps a wrong one from moving anything. */
export function MemoryPlace({ kit }: { kit: NonNullable<Aboard['kit']> }) {
  return (
    <fieldset className="mt-3 grid gap-1">
      <legend className="text-muted text-sm">In the transmitter</legend>
      <Field label="Its place" htmlFor="kit-memory">
        <TextField
          id="kit-memory"
          label="Its place"
          value={kit.memory ?? ''}
          mayBeEmpty
          maxLength={20}
          onCommit={(memory) =>
            memory === '' ? without('memory', 'No place in the transmitter') : changeKit({ memory }, `Place ${memory}`)
          }
        />
      </Field>
      <Field label="Receiver match" htmlFor="kit-match">
        <TextField
          id="kit-match"
          label="Receiver match"
          value={kit.match === undefined ? '' : String(kit.match)}
          mayBeEmpty
          maxLength={3}
          onCommit={(text) => {
            const match = Number(text)
            if (text === '') without('match', 'No receiver match')
            else if (Number.isInteger(match) && match >= 0 && match <= MOST_MATCH) {
              changeKit({ match }, `Receiver match ${match}`)
            }
          }}
        />
      </Field>
    </fieldset>
  )
}
