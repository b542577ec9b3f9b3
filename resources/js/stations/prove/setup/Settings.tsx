import { X } from 'lucide-react'
import type { ReactNode } from 'react'
import type { Ruler } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { keyed } from '@/parts/keyed'
import { NumberField } from '@/parts/NumberField'
import { capital } from '@/parts/words'
import { type ArmRange, changeSetup, type Known, type Setup } from './setup'

const ARMED_BY = [
  { id: 'range', name: 'A range on a channel' },
  { id: 'sticks', name: 'The sticks in a corner' },
  { id: 'button', name: 'A button on the aircraft' },
  { id: 'throttle', name: 'Nothing: it runs with the throttle' },
]
const EXPECTS = [
  { id: 'sticks', name: 'What the sticks ask for' },
  { id: 'surfaces', name: 'Surfaces already mixed' },
]
const ON_LOSS = [
  { id: 'drop', name: 'Stops the motors' },
  { id: 'land', name: 'Lands where it is' },
  { id: 'come-home', name: 'Comes home' },
  { id: 'none', name: 'Nothing by itself' },
]
const INPUTS = ['roll', 'pitch', 'throttle', 'yaw', 'collective', 'gain', 'style', 'arm', 'mode', 'none'] as const
const NEITHER = 'neither'

/** Everything of the set-up but the ranges of the modes. */
export function Settings({ known, own, ruler }: { known: Known; own: Setup; ruler: Ruler }) {
  const now = { ...known.delivered, ...own }
  const by = now.arming?.by ?? 'throttle'
  const channels = now.onLoss?.channels ?? []
  return (
    <section aria-label="Settings" className="grid gap-1.5 rounded-xl border border-line bg-raised p-3">
      <h2 className="font-semibold">Arming</h2>
      <Row own={own} name="arming" label="Armed by">
        <Choice
          label="Armed by"
          value={by}
          options={ARMED_BY}
          onChange={(id) =>
            changeSetup(
              {
                arming:
                  id === 'range'
                    ? { by: 'range', ranges: known.delivered.arming?.ranges ?? [{ channel: 5, ...known.usual }] }
                    : { by: id as 'sticks' | 'button' | 'throttle' },
              },
              'How it is armed',
            )
          }
        />
      </Row>
      {by === 'range' && <ArmRanges ranges={now.arming?.ranges ?? []} usual={known.usual} ruler={ruler} />}
      <Row own={own} name="low" label="Low mark">
        <NumberField
          label="Low mark of the throttle"
          value={now.low ?? known.marks.from}
          least={known.marks.from}
          most={known.marks.to}
          unit="µs"
          onChange={(low) => changeSetup({ low: Math.round(low) }, 'Low mark of the throttle')}
        />
      </Row>
      <h2 className="mt-2 font-semibold">Modes</h2>
      <Row own={own} name="none" label="In no range">
        <Choice
          label="In no range"
          value={now.none ?? NEITHER}
          options={[
            ...(known.delivered.none ? [] : [{ id: NEITHER, name: 'No mode is meant' }]),
            ...known.modes.filter((one) => one.flight).map((one) => ({ id: one.id, name: one.name })),
          ]}
          onChange={(id) => changeSetup({ none: id === NEITHER ? undefined : id }, 'The mode in no range')}
        />
      </Row>
      <Row own={own} name="priority" label="Who wins">
        <Priority known={known} priority={now.priority ?? []} />
      </Row>
      <h2 className="mt-2 font-semibold">Channels</h2>
      <Row own={own} name="expects" label="Expects">
        <Choice
          label="Expects"
          value={now.expects ?? 'sticks'}
          options={EXPECTS}
          onChange={(id) => changeSetup({ expects: id as 'sticks' | 'surfaces' }, 'What the controller expects')}
        />
      </Row>
      {now.expects !== 'surfaces' && (
        <Row own={own} name="order" label="Order">
          <Order order={now.order ?? []} />
        </Row>
      )}
      <h2 className="mt-2 font-semibold">On signal loss</h2>
      <Row own={own} name="onLoss" label="It">
        <Choice
          label="On signal loss"
          value={now.onLoss?.does ?? NEITHER}
          placeholder="Not said"
          options={ON_LOSS}
          onChange={(id) =>
            changeSetup(
              { onLoss: { ...now.onLoss, does: id as NonNullable<Setup['onLoss']>['does'] } },
              'On signal loss',
            )
          }
        />
      </Row>
      {(now.onLoss?.does === 'come-home' || now.onLoss?.does === 'land') && (
        <Field label="Needs channels" htmlFor="loss-channels">
          <input
            id="loss-channels"
            aria-label="Channels that it needs for it"
            defaultValue={channels.join(', ')}
            className="figures h-9 w-full rounded-lg border border-line bg-deep px-2.5"
            onBlur={(event) => {
              const typed = event.target.value
                .split(/[^0-9]+/)
                .filter(Boolean)
                .map(Number)
              if (typed.join() !== channels.join() && now.onLoss) {
                changeSetup({ onLoss: { ...now.onLoss, channels: typed } }, 'Channels on signal loss')
              }
            }}
          />
        </Field>
      )}
    </section>
  )
}

/** A row with the way back to how the controller arrives. */
function Row({ own, name, label, children }: { own: Setup; name: keyof Setup; label: string; children: ReactNode }) {
  return (
    <div data-setting={name} className="flex items-center gap-1.5">
      <div className="min-w-0 flex-1">
        <Field label={label}>{children}</Field>
      </div>
      <Button
        look="bare"
        className={`min-h-7 px-1.5 text-sm ${own[name] === undefined ? 'invisible' : ''}`}
        onClick={() => changeSetup({ [name]: undefined }, `${label} as delivered`)}
      >
        as delivered
      </Button>
    </div>
  )
}

function ArmRanges({ ranges, usual, ruler }: { ranges: ArmRange[]; usual: Known['usual']; ruler: Ruler }) {
  const put = (next: ArmRange[]) => changeSetup({ arming: { by: 'range', ranges: next } }, 'Arm ranges')
  const change = (index: number, part: Partial<ArmRange>) =>
    put(ranges.map((one, at) => (at === index ? { ...one, ...part } : one)))
  return (
    <ul className="grid gap-1">
      {keyed(ranges, () => 'arm').map(({ key, item: range, index }) => (
        <li key={key} className="grid grid-cols-[4.5rem_1fr_1fr_1.75rem] items-center gap-1.5">
          <NumberField
            label={`Channel of arm range ${index + 1}`}
            value={range.channel}
            least={1}
            most={32}
            unit=""
            onChange={(channel) => change(index, { channel: Math.round(channel) })}
          />
          <NumberField
            label={`Arm range ${index + 1}, lower edge`}
            value={range.from}
            least={ruler.from}
            most={range.to - 1}
            unit="µs"
            onChange={(from) => change(index, { from: Math.round(from) })}
          />
          <NumberField
            label={`Arm range ${index + 1}, upper edge`}
            value={range.to}
            least={range.from + 1}
            most={ruler.to}
            unit="µs"
            onChange={(to) => change(index, { to: Math.round(to) })}
          />
          <button
            type="button"
            aria-label={`Remove arm range ${index + 1}`}
            disabled={ranges.length === 1}
            onClick={() => put(ranges.filter((_, at) => at !== index))}
            className="rounded p-1 hover:bg-line disabled:opacity-30"
          >
            <X size={15} aria-hidden />
          </button>
        </li>
      ))}
      <li>
        <Button look="bare" onClick={() => put([...ranges, { channel: ranges.at(-1)?.channel ?? 5, ...usual }])}>
          Add an arm range
        </Button>
      </li>
    </ul>
  )
}

/** Of two modes that are active the upper one wins. */
function Priority({ known, priority }: { known: Known; priority: string[] }) {
  const put = (next: string[]) => changeSetup({ priority: next }, 'Which mode wins')
  const left = known.modes.filter((one) => one.flight && !priority.includes(one.id))
  return (
    <div className="w-full">
      <ol className="grid gap-0.5">
        {priority.map((mode, index) => (
          <li key={mode} className="flex items-center gap-1.5 text-sm">
            <span className="min-w-0 flex-1 truncate">
              {index + 1}. {known.modes.find((one) => one.id === mode)?.name ?? mode}
            </span>
            <button
              type="button"
              aria-label={`${mode} up`}
              disabled={index === 0}
              onClick={() =>
                put(priority.map((_, at) => priority[at === index ? at - 1 : at === index - 1 ? at + 1 : at] ?? ''))
              }
              className="rounded px-1.5 hover:bg-line disabled:opacity-30"
            >
              ▲
            </button>
            <button
              type="button"
              aria-label={`${mode} out of the order`}
              onClick={() => put(priority.filter((one) => one !== mode))}
              className="rounded p-1 hover:bg-line"
            >
              <X size={14} aria-hidden />
            </button>
          </li>
        ))}
      </ol>
      {left.length > 0 && (
        <Choice
          label="Add a mode to the order"
          value=""
          placeholder={priority.length === 0 ? 'Not said' : 'Then…'}
          options={left.map((one) => ({ id: one.id, name: one.name }))}
          onChange={(id) => put([...priority, id])}
        />
      )}
    </div>
  )
}

function Order({ order }: { order: (typeof INPUTS)[number][] }) {
  const put = (next: (typeof INPUTS)[number][]) => changeSetup({ order: next }, 'Order of the channels')
  return (
    <ol className="grid w-full gap-1">
      {keyed(order, () => 'input').map(({ key, item: input, index }) => (
        <li key={key} className="grid grid-cols-[1.5rem_1fr_1.75rem] items-center gap-1">
          <span className="figures text-muted">{index + 1}</span>
          <Choice
            label={`Channel ${index + 1} is`}
            value={input}
            options={INPUTS.map((one) => ({ id: one, name: capital(one) }))}
            onChange={(id) => put(order.map((one, at) => (at === index ? (id as typeof one) : one)))}
          />
          {index === order.length - 1 && (
            <button
              type="button"
              aria-label={`Without channel ${index + 1}`}
              onClick={() => put(order.slice(0, -1))}
              className="rounded p-1 hover:bg-line"
            >
              <X size={15} aria-hidden />
            </button>
          )}
        </li>
      ))}
      <li>
        <Button look="bare" onClick={() => put([...order, 'none'])} disabled={order.length >= 16}>
          Add a channel
        </Button>
      </li>
    </ol>
  )
}
