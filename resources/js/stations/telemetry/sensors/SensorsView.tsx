import { edit, propose } from '@/api/proposals'
import { useStores } from '@/api/queries'
import type { Sense } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { Points } from '@/parts/Points'
import { tell } from '@/parts/toast'
import { changeSense, free, without } from '../edits'
import type { View } from '../views'
import { DiscoveryPanel } from './DiscoveryPanel'
import { GpsWords } from './GpsWords'
import { SensorCard } from './SensorCard'
import { Slots } from './Slots'

const BUSES = [
  { id: 'one-way', name: 'Older one-way bus' },
  { id: 'shared', name: 'Newer shared bus' },
]
const INTERVALS = ['0.1', '0.2', '0.5', '1', '2'].map((id) => ({ id, name: `every ${id} s` }))

type Chain = NonNullable<Sense['chain']>

/** The sensors on their wire, whether they work there, and what discovery finds. */
export function SensorsView({ document, look }: View) {
  const stores = useStores()
  const sensors = stores.data?.definitions.find((one) => one.kind === 'sensors')?.items ?? []
  const receiver = stores.data?.receivers.find((one) => one.id === document.receiver)?.name ?? document.receiver
  const sense = document.sense ?? {}
  const put = (change: (now: Chain) => Chain, note: string) =>
    changeSense((now) => ({ ...now, chain: change(now.chain ?? []) }), note)
  const add = (sensor: string) => {
    const name = sensors.find((one) => one.document.id === sensor)?.document.name ?? sensor
    const taken = [...(sense.chain ?? []), ...(sense.values ?? [])].map((one) => one.id)
    put((now) => [...now, { id: free(sensor.split('-').at(-1) ?? 'sensor', taken), sensor }], `${name} added`)
  }
  const move = (index: number, by: number) =>
    put((now) => {
      const next = [...now]
      const [one] = next.splice(index, 1)
      if (one) next.splice(index + by, 0, one)
      return next
    }, 'Order of the chain')
  return (
    <div className="flex h-full min-h-0 flex-col overflow-auto lg:flex-row lg:items-start">
      <section aria-label="Chain" className="min-w-0 flex-1 px-4 py-3">
        <div className="flex flex-wrap items-end gap-2">
          <div className="w-56">
            <Choice
              label="Add a sensor"
              value=""
              placeholder="Add a sensor…"
              options={sensors.map((one) => ({ id: one.document.id, name: one.document.name }))}
              onChange={add}
            />
          </div>
          <div className="w-56">
            <Choice
              label="Sensor bus"
              value={sense.bus ?? ''}
              placeholder="Which bus?"
              options={BUSES}
              onChange={(bus) =>
                changeSense((now) => ({ ...now, bus: bus as NonNullable<Sense['bus']> }), `Sensor bus: ${bus}`)
              }
            />
          </div>
          <div className="w-36">
            <Choice
              label="Report interval"
              value={String(sense.interval ?? 0.5)}
              options={INTERVALS}
              onChange={(every) =>
                changeSense((now) => ({ ...now, interval: Number(every) }), `Report every ${every} s`)
              }
            />
          </div>
        </div>
        <ol className="mt-3">
          <li className="w-fit rounded-lg border border-edge bg-deep px-3 py-1.5 text-sm">
            {receiver ? `Receiver: ${receiver}` : 'No receiver is chosen'}
            {look.inReceiver.length > 0 && (
              <span className="block text-muted">measures by itself: {look.inReceiver.join(', ')}</span>
            )}
          </li>
          {look.chain.map((one, index) => (
            <li key={one.id} data-sensor={one.id}>
              <span aria-hidden className={`ml-6 block h-4 w-0.5 ${one.onBus ? 'bg-teal' : 'bg-line'}`} />
              <SensorCard
                sensor={one}
                first={index === 0}
                last={index === look.chain.length - 1}
                move={(by) => move(index, by)}
                change={(change, note) =>
                  put(
                    (now) => now.map((other) => (other.id === one.id ? change(other) : other)),
                    `${one.name}: ${note}`,
                  )
                }
                obvious={look.obvious.filter((other) => other.sensor === one.id)}
                remove={() => put((now) => now.filter((other) => other.id !== one.id), `${one.name} removed`)}
              />
            </li>
          ))}
        </ol>
        {look.slots && (
          <Slots
            slots={look.slots}
            place={(id, slot) =>
              put(
                (now) => now.map((one) => (one.id === id ? { ...without(one, 'byHand'), ...slot } : one)),
                slot.byHand ? `Slot ${slot.slot} by hand` : 'Slot left to Solve',
              )
            }
            blank={(from, on) =>
              changeSense(
                (now) => ({
                  ...now,
                  blanked: [...(now.blanked ?? []).filter((one) => one !== from), ...(on ? [from] : [])],
                }),
                on ? `Slots from ${from} blanked` : `Slots from ${from} as they come`,
              )
            }
            solve={() =>
              void edit(propose.sensorSlots, 'Slots of the sensors solved').then(
                (done) => 'problem' in done && tell(done.problem, { kind: 'problem' }),
              )
            }
          />
        )}
      </section>
      <section aria-label="Checks of the chain" className="shrink-0 border-line px-4 py-3 lg:w-80 lg:border-l xl:w-96">
        <h2 className="font-semibold">Checks</h2>
        <Points points={look.points} />
        <DiscoveryPanel document={document} />
        <GpsWords />
      </section>
    </div>
  )
}
