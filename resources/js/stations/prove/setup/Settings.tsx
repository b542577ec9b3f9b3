import type { ReactNode } from 'react'
import type { Ruler } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { NumberField } from '@/parts/NumberField'
import { ArmRanges } from './ArmRanges'
import { Order, Priority } from './Orders'
import { changeSetup, type Known, type Setup } from './setup'

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
                    ? { by: 'range', ranges: known.delivered.arming?.ranges ?? [known.usual] }
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
      <Row own={own} name="priority" label="Priority">
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
