import { Trash2 } from 'lucide-react'
import { Switch } from 'radix-ui'
import { useFrame } from '@/api/live'
import type { Aircraft, Output, Program } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { keyed } from '@/parts/keyed'
import { FARTHEST } from '@/parts/limits'
import { NumberField } from '@/parts/NumberField'
import { TextField } from '@/parts/TextField'
import { Why } from '@/parts/Why'
import { addFeed, changeOutput, removeOutput } from '../edits'
import { both } from '../pairs'
import { FeedFields } from './FeedFields'
import { Sheet } from './Sheet'

type Props = { aircraft: Aircraft; document: Program; output: Output; close: () => void }

/** A channel: what feeds it, its ends, direction and centre, and why it is where it is. */
export function OutputSheet({ aircraft, document, output, close }: Props) {
  const told = useFrame((frame) => frame.explanation)
  const [low, high] = both(output.travel, 1)
  const [least, most] = both(output.limit, FARTHEST)
  const change = (part: Partial<Output>, what: string) => changeOutput(output.channel, part, `${output.name} ${what}`)
  const explanation = told?.channel === output.channel ? told : null
  const fed = new Set((output.feeds ?? []).map((feed) => feed.from))
  const free = (document.functions ?? []).filter((fn) => !fed.has(fn.id))

  return (
    <Sheet title={`${output.channel} ${output.name}`} kind="output" close={close}>
      <Field label="Name" htmlFor="out-name">
        <TextField
          id="out-name"
          label="Name"
          value={output.name}
          onCommit={(name) => change({ name }, `renamed to ${name}`)}
        />
      </Field>
      <Field label="Moves" htmlFor="out-role">
        <Choice
          id="out-role"
          label="Moves"
          value={output.role ?? ''}
          placeholder="Choose what it moves…"
          options={aircraft.choices.roles}
          onChange={(id) => change({ role: id as NonNullable<Output['role']> }, `moves ${id}`)}
        />
      </Field>
      <h3 className="mt-1 text-muted text-sm">Feeds</h3>
      {keyed(output.feeds ?? [], () => 'feed').map(({ key, item: feed, index }) => (
        <FeedFields
          key={key}
          aircraft={aircraft}
          document={document}
          output={output}
          feed={feed}
          index={index}
          condition={aircraft.words.feeds[output.channel]?.[index] ?? null}
        />
      ))}
      {free.length > 0 && (
        <Choice
          label="Add a feed"
          value=""
          placeholder="Add a feed…"
          options={free.map((fn) => ({ id: fn.id, name: fn.name }))}
          onChange={(id) => addFeed(output, id)}
        />
      )}
      <h3 className="mt-1 text-muted text-sm">Ends, direction, centre</h3>
      <Field label="Travel low, high">
        <NumberField
          label="Travel low"
          value={low}
          least={0}
          most={FARTHEST}
          onChange={(value) => change({ travel: [value, high] }, 'travel')}
        />
        <NumberField
          label="Travel high"
          value={high}
          least={0}
          most={FARTHEST}
          onChange={(value) => change({ travel: [low, value] }, 'travel')}
        />
      </Field>
      <Field label="Reverse" htmlFor="out-reverse">
        <Switch.Root
          id="out-reverse"
          checked={output.reverse ?? false}
          onCheckedChange={(reverse) => change({ reverse }, reverse ? 'reversed' : 'not reversed')}
          className="h-6 w-11 rounded-full border border-edge bg-deep p-0.5 data-[state=checked]:bg-ember"
        >
          <Switch.Thumb className="block size-4.5 rounded-full bg-ink transition-transform data-[state=checked]:translate-x-5" />
        </Switch.Root>
        <span className="text-sm">{output.reverse ? 'Reversed' : 'Normal'}</span>
      </Field>
      <Field label="Sub-trim" htmlFor="out-subtrim">
        <NumberField
          id="out-subtrim"
          label="Sub-trim"
          value={output.subtrim ?? 0}
          least={-1}
          most={1}
          onChange={(subtrim) => change({ subtrim }, 'sub-trim')}
        />
      </Field>
      <Field label="Limit low, high">
        <NumberField
          label="Limit low"
          value={least}
          least={-FARTHEST}
          most={FARTHEST}
          onChange={(value) => change({ limit: [value, most] }, 'limit')}
        />
        <NumberField
          label="Limit high"
          value={most}
          least={-FARTHEST}
          most={FARTHEST}
          onChange={(value) => change({ limit: [least, value] }, 'limit')}
        />
      </Field>
      {explanation && <Why explanation={explanation} />}
      <Button
        look="danger"
        className="mt-3 justify-self-start"
        onClick={() => {
          removeOutput(output)
          close()
        }}
      >
        <Trash2 size={15} aria-hidden /> Remove the channel
      </Button>
    </Sheet>
  )
}
