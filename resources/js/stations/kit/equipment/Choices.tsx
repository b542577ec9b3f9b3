import { useState } from 'react'
import { propose } from '@/api/proposals'
import { useStores } from '@/api/queries'
import { Button } from '@/parts/Button'
import type { Option } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { MoveDialog } from '@/parts/MoveDialog'
import { ProposalDialog } from '@/parts/ProposalDialog'
import { chooseStickMode, type StickMode } from '@/parts/stickMode'
import { Parts } from '../parts/Parts'
import type { View } from '../views'
import { changeKit, choose } from './edits'
import { MemoryPlace } from './MemoryPlace'
import { Ports } from './Ports'
import { Row } from './Row'

const NONE = '(none)'
const WIRES: Option[] = [
  { id: 'leads', name: 'One lead per channel' },
  { id: 'sum', name: 'Sum signal' },
  { id: 'serial', name: 'Serial' },
]
const POWERS: Option[] = [
  { id: 'controller', name: 'The controller' },
  { id: 'pack', name: 'The pack, or its regulator' },
  { id: 'usb', name: 'USB, for binding' },
]

const named = (list: { id: string; name: string }[] | undefined): Option[] =>
  (list ?? []).map(({ id, name }) => ({ id, name }))
const orNone = (list: { id: string; name: string }[] | undefined): Option[] => [
  { id: NONE, name: 'none' },
  ...named(list),
]

/** What flies with the program: each part from Equipment, and how it is set. */
export function Choices({ aircraft, document }: View) {
  const stores = useStores().data
  const [moving, setMoving] = useState(false)
  const [completing, setCompleting] = useState(false)
  const kit = document.aboard?.kit ?? {}
  const links = stores?.links.find((one) => one.transmitter === document.transmitter)?.links ?? []
  const controller = stores?.controllers.find((one) => one.id === document.controller)
  const part = (which: 'receiver' | 'controller', options: Option[]) => (id: string) =>
    choose(which, id === NONE ? null : id, options.find((one) => one.id === id)?.name ?? id)
  const receivers = orNone(stores?.receivers)
  const controllers = orNone(stores?.controllers)
  return (
    <section aria-label="Choices" className="grid shrink-0 content-start gap-1 px-4 py-3 lg:w-88 print:hidden">
      <Field label="Transmitter">
        <span className="min-w-0 flex-1 truncate">{aircraft.transmitterDefinition.name}</span>
        <Button onClick={() => setMoving(true)}>Move…</Button>
      </Field>
      <Row
        id="stick-mode"
        label="Stick mode"
        value={String(document.stickMode ?? 2)}
        options={(stores?.stickModes ?? []).map((one) => ({ id: String(one.mode), name: one.says }))}
        onChange={(mode) => chooseStickMode(Number(mode) as StickMode)}
      />
      <Row
        id="receiver"
        label="Receiver"
        value={document.receiver ?? NONE}
        options={receivers}
        onChange={part('receiver', receivers)}
      />
      <Row
        id="link"
        label="Link"
        value={kit.link}
        options={named(links)}
        onChange={(link) => changeKit({ link }, 'Link chosen')}
      />
      <Row
        id="subtype"
        label="Sub-type"
        value={kit.subtype}
        options={named(links.find((one) => one.id === kit.link)?.subtypes)}
        onChange={(subtype) => changeKit({ subtype }, 'Sub-type chosen')}
      />
      <Row
        id="wire"
        label="Wire"
        value={kit.wire}
        options={WIRES}
        onChange={(wire) => changeKit({ wire: wire as 'leads' }, 'Wire chosen')}
      />
      <Row
        id="controller"
        label="Controller"
        value={document.controller ?? NONE}
        options={controllers}
        onChange={part('controller', controllers)}
      />
      {controller && (
        <Row
          id="input"
          label="Its input"
          value={kit.input}
          options={WIRES}
          onChange={(input) => changeKit({ input: input as 'leads' }, 'Input of the controller')}
        />
      )}
      <Row
        id="power"
        label="Receiver’s power"
        value={kit.power}
        options={POWERS}
        onChange={(power) => changeKit({ power: power as 'usb' }, 'Receiver’s power')}
      />
      <Row
        id="speed"
        label="Speed controller"
        value={kit.speedController}
        options={named(stores?.speedControllers)}
        onChange={(speedController) => changeKit({ speedController }, 'Speed controller')}
      />
      <Row
        id="pack"
        label="Pack"
        value={kit.pack}
        options={named(stores?.packs)}
        onChange={(pack) => changeKit({ pack }, 'Pack')}
      />
      {document.receiver && (!kit.link || !kit.subtype || !kit.wire || !kit.power) && (
        <div className="mt-1">
          <Button look="main" onClick={() => setCompleting(true)}>
            Fill in what follows
          </Button>
        </div>
      )}
      {controller && <Ports controller={controller} owners={kit.ports ?? []} parts={kit.parts ?? []} />}
      <Parts kit={kit} controller={controller} choices={aircraft.choices} />
      <MemoryPlace kit={kit} />
      {completing && (
        <ProposalDialog
          title="Fill in what follows"
          says="Link, wire, input, port and power, as these parts fit together. What you chose stays."
          ask={() => propose.kit(document)}
          note="Kit filled in"
          nothing="Nothing follows: choose a pack and a speed controller first, or look at the verdict."
          onClose={() => setCompleting(false)}
        />
      )}
      {moving && <MoveDialog document={document} onClose={() => setMoving(false)} />}
    </section>
  )
}
