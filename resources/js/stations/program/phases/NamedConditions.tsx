import { Trash2 } from 'lucide-react'
import { useState } from 'react'
import type { Condition } from '@/api/types'
import { workbench } from '@/api/workbench'
import { IconButton } from '@/parts/IconButton'
import { idOf } from '@/parts/idOf'
import { ConditionButton } from '../../conditions/ConditionButton'
import type { View } from '../views'

const put = (id: string, when: Condition | null, note: string) =>
  workbench.edit((now) => {
    const { [id]: _before, ...others } = now.conditions ?? {}
    return { ...now, conditions: when === null ? others : { ...now.conditions, [id]: when } }
  }, note)

/** Conditions with a name, to be used in several places. */
export function NamedConditions({ aircraft, document }: View) {
  const [name, setName] = useState('')
  const named = document.conditions ?? {}
  const id = idOf(name)
  const taken = id in named
  return (
    <section aria-label="Conditions by name" className="mt-4">
      <h3 className="font-semibold">Conditions by name</h3>
      <p className="text-muted text-sm">Said once, used wherever a condition is asked for.</p>
      <ul className="mt-1 grid gap-1.5">
        {Object.entries(named).map(([one, when]) => (
          <li
            key={one}
            data-condition={one}
            className="flex min-w-0 flex-wrap items-center gap-2 rounded-lg border border-line bg-raised px-3 py-1"
          >
            <p className="min-w-48 flex-1 text-sm [overflow-wrap:anywhere]">
              <strong>“{one}”</strong>
              <span className="text-muted"> · </span>
              {aircraft.words.named[one] ?? '…'}
            </p>
            <ConditionButton
              aircraft={aircraft}
              document={document}
              title={`What “${one}” stands for`}
              words={aircraft.words.named[one] ?? ''}
              value={when}
              label={`Change “${one}”`}
              onTake={(next) => put(one, next, `“${one}” stands for something else`)}
            >
              Change…
            </ConditionButton>
            <IconButton
              icon={Trash2}
              label={`Remove “${one}”`}
              onClick={() => put(one, null, `Removed the condition “${one}”`)}
            />
          </li>
        ))}
      </ul>
      <div className="mt-1.5 flex flex-wrap items-center gap-2">
        <input
          aria-label="Name of a new condition"
          placeholder="Name, such as motor off"
          value={name}
          maxLength={40}
          onChange={(event) => setName(event.target.value)}
          className="h-9 w-60 min-w-0 rounded-lg border border-line bg-deep px-2.5"
        />
        <ConditionButton
          aircraft={aircraft}
          document={document}
          title={`What “${id}” stands for`}
          value={null}
          disabled={name.trim() === '' || taken}
          onTake={(when) => {
            put(id, when, `The condition “${id}”`)
            setName('')
          }}
        >
          Say what it stands for…
        </ConditionButton>
        {taken && <p className="text-rose text-sm">▲ There is one of this name.</p>}
      </div>
    </section>
  )
}
