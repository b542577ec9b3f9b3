import { Trash2 } from 'lucide-react'
import type { CSSProperties } from 'react'
import type { Rung } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { IconButton } from '@/parts/IconButton'
import { FARTHEST } from '@/parts/limits'
import { NumberField } from '@/parts/NumberField'
import { TextField } from '@/parts/TextField'
import { changeRung, removeRung } from './plan'

type Props = {
  rung: Rung
  index: number
  count: number
  here: boolean
  steps: { id: string; name: string }[]
  go: () => void
}

const AS_IT_IS = '(as it is)'

/** One step of the ladder: what it sets, when it's planned, what to remember. */
export function StageRow({ rung, index, count, here, steps, go }: Props) {
  return (
    <li
      data-rung={index}
      aria-current={here ? 'step' : undefined}
      // A staircase: each step stands a little further in.
      style={{ '--in': `${(index / Math.max(1, count)) * 9}%` } as CSSProperties}
      className={`grid grid-cols-2 items-end md:ml-(--in) gap-2 md:grid-cols-[minmax(8rem,1fr)_6rem_6rem_auto] rounded-lg border bg-raised px-3 py-1 lg:grid-cols-[minmax(8rem,1fr)_5.5rem_5.5rem_8rem_9rem_auto] ${here ? 'border-sodium' : 'border-line'}`}
    >
      <div className="max-md:col-span-2">
        <span aria-hidden className={`text-sm ${here ? 'text-sodium' : 'text-muted'}`}>
          {here ? '◆ you are here' : `Step ${index + 1}`}
        </span>
        <TextField
          label={`Name of step ${index + 1}`}
          value={rung.name}
          onCommit={(name) => changeRung(index, { name }, `Step ${index + 1} renamed to ${name}`)}
        />
      </div>
      <div>
        <span aria-hidden className="text-muted text-sm">
          Expo
        </span>
        <NumberField
          label={`Expo of ${rung.name}`}
          value={rung.expo}
          least={0}
          most={1}
          onChange={(expo) => changeRung(index, { expo }, `${rung.name}: expo`)}
        />
      </div>
      <div>
        <span aria-hidden className="text-muted text-sm">
          Rate
        </span>
        <NumberField
          label={`Rate of ${rung.name}`}
          value={rung.rate}
          least={0.05}
          most={FARTHEST}
          onChange={(rate) => changeRung(index, { rate }, `${rung.name}: rate`)}
        />
      </div>
      <div>
        <span aria-hidden className="text-muted text-sm">
          At rest
        </span>
        <Choice
          label={`Style at rest of ${rung.name}`}
          value={rung.style ?? AS_IT_IS}
          options={[{ id: AS_IT_IS, name: 'as it is' }, ...steps]}
          onChange={(style) =>
            changeRung(index, style === AS_IT_IS ? { style: undefined } : { style }, `${rung.name}: style`)
          }
        />
      </div>
      <div>
        <span aria-hidden className="text-muted text-sm">
          Planned for
        </span>
        <input
          type="date"
          aria-label={`Date of ${rung.name}`}
          value={rung.date ?? ''}
          onChange={(event) => changeRung(index, { date: event.target.value || undefined }, `${rung.name}: date`)}
          className="figures h-9 w-full rounded-lg border border-line bg-deep px-2"
        />
      </div>
      <div className="flex gap-1">
        <Button onClick={go} disabled={here}>
          Go here
        </Button>
        <IconButton
          icon={Trash2}
          label={`Remove ${rung.name}`}
          disabled={count === 1}
          onClick={() => removeRung(index)}
        />
      </div>
      <div className="-mt-1 col-span-full">
        <input
          aria-label={`Note of ${rung.name}`}
          placeholder="A note: what to fly, what to look out for"
          defaultValue={rung.note ?? ''}
          maxLength={300}
          onBlur={(event) =>
            event.target.value !== (rung.note ?? '') &&
            changeRung(index, { note: event.target.value }, `${rung.name}: note`)
          }
          className="h-7 w-full rounded-lg border border-transparent bg-transparent px-2 text-sm hover:border-line focus:border-line focus:bg-deep"
        />
      </div>
    </li>
  )
}
