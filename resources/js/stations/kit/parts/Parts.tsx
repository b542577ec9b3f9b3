import { Pencil, Plus, X } from 'lucide-react'
import { useState } from 'react'
import type { Aboard, Aircraft, KitPart, StoredController } from '@/api/types'
import { Button } from '@/parts/Button'
import { IconButton } from '@/parts/IconButton'
import { idOf } from '@/parts/idOf'
import { changeKit } from '../equipment/edits'
import { PartDialog } from './PartDialog'

const MOST = 32

type Props = {
  kit: NonNullable<Aboard['kit']>
  controller: StoredController | undefined
  choices: Aircraft['choices']
}

/** What else is on board: each with what powers it and what it needs. */
export function Parts({ kit, controller, choices }: Props) {
  const [editing, setEditing] = useState<number | 'new' | null>(null)
  const parts = kit.parts ?? []
  const put = (next: KitPart[], note: string) => changeKit({ parts: next }, note)
  const keep = (part: KitPart) => {
    if (editing === 'new') {
      const taken = new Set([...parts, ...choices.powerSources].map((one) => one.id))
      put([...parts, { ...part, id: idOf(part.name, taken) }], `${part.name} on board`)
    } else {
      put(
        parts.map((one, place) => (place === editing ? part : one)),
        `${part.name}: another value`,
      )
    }
    setEditing(null)
  }
  const edited = typeof editing === 'number' ? parts[editing] : undefined
  return (
    <fieldset className="mt-3 min-w-0">
      <legend className="text-muted text-sm">What else is on board</legend>
      <ul className="grid gap-1">
        {parts.map((part, place) => (
          <li
            key={part.id}
            data-part={part.id}
            className="flex min-w-0 items-center gap-1 rounded-lg border border-line px-2"
          >
            <p className="min-w-0 flex-1 text-sm [overflow-wrap:anywhere]">
              {(part.count ?? 1) > 1 && `${part.count} × `}
              {part.name}
              <span className="text-muted"> · {choices.partKinds.find((one) => one.id === part.kind)?.name}</span>
            </p>
            <IconButton icon={Pencil} label={`Change ${part.name}`} onClick={() => setEditing(place)} />
            <IconButton
              icon={X}
              label={`Remove ${part.name}`}
              onClick={() =>
                put(
                  parts.filter((one) => one !== part),
                  `${part.name} is off board`,
                )
              }
            />
          </li>
        ))}
      </ul>
      <Button className="mt-1 min-h-8 px-2" disabled={parts.length >= MOST} onClick={() => setEditing('new')}>
        <Plus size={15} aria-hidden /> Add a part…
      </Button>
      {editing !== null && (
        <PartDialog
          start={edited}
          choices={choices}
          regulators={parts.filter((one) => one.kind === 'regulator' && one !== edited)}
          systems={[...new Set(parts.flatMap((one) => (one.system ? [one.system] : [])))]}
          ports={controller?.ports ?? []}
          onKeep={keep}
          onClose={() => setEditing(null)}
        />
      )}
    </fieldset>
  )
}
