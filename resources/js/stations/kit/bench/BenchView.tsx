import { Printer } from 'lucide-react'
import { useState } from 'react'
import { data, POST } from '@/api/client'
import { useOfDraft } from '@/api/drafts'
import { useStores } from '@/api/queries'
import { Button } from '@/parts/Button'
import { Choice, type Option } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { MoveDialog } from '@/parts/MoveDialog'
import { Scroller } from '@/parts/Scroller'
import { TextField } from '@/parts/TextField'
import type { View } from '../views'
import { changeKit, choose, givePort } from './edits'
import { Wiring } from './Wiring'

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
const LEVELS = {
  fine: ['✓', 'text-teal', 'fits'],
  look: ['○', 'text-sodium', 'worth a look'],
  wrong: ['▲', 'text-rose', 'does not fit'],
} as const

/** What is on the bench: the choices, whether they fit, and how they are wired. */
export function BenchView({ aircraft, document }: View) {
  const stores = useStores()
  const look = useOfDraft((draft) => data(POST('/api/kit', { body: { document: draft } })))
  const [moving, setMoving] = useState(false)
  const kit = document.aboard?.kit ?? {}
  const links = stores.data?.links.find((one) => one.transmitter === document.transmitter)?.links ?? []
  const controller = stores.data?.controllers.find((one) => one.id === document.controller)
  const named = (list: { id: string; name: string }[] | undefined): Option[] => [
    { id: NONE, name: 'none' },
    ...(list ?? []).map(({ id, name }) => ({ id, name })),
  ]
  const nameOf = (options: Option[], id: string) => options.find((one) => one.id === id)?.name ?? id
  const part = (which: 'receiver' | 'controller', options: Option[]) => (id: string) =>
    choose(which, id === NONE ? null : id, nameOf(options, id))
  const receivers = named(stores.data?.receivers)
  const controllers = named(stores.data?.controllers)
  const ports = kit.ports ?? []
  const wrong = look?.verdict.filter((one) => one.level === 'wrong').length ?? 0
  return (
    <div className="flex h-full min-h-0 flex-col overflow-auto lg:flex-row lg:overflow-hidden">
      <section
        aria-label="Choices"
        className="grid print:hidden shrink-0 content-start gap-1 px-4 py-3 lg:w-88 lg:overflow-auto"
      >
        <Field label="Transmitter">
          <span className="min-w-0 flex-1 truncate">{aircraft.transmitterDefinition.name}</span>
          <Button onClick={() => setMoving(true)}>Move…</Button>
        </Field>
        <Field label="Receiver" htmlFor="kit-receiver">
          <Choice
            id="kit-receiver"
            label="Receiver"
            value={document.receiver ?? NONE}
            options={receivers}
            onChange={part('receiver', receivers)}
          />
        </Field>
        <Field label="Link" htmlFor="kit-link">
          <Choice
            id="kit-link"
            label="Link"
            value={kit.link ?? ''}
            placeholder="Choose…"
            options={links.map(({ id, name }) => ({ id, name }))}
            onChange={(link) => changeKit({ link }, 'Link chosen')}
          />
        </Field>
        <Field label="Sub-type" htmlFor="kit-subtype">
          <Choice
            id="kit-subtype"
            label="Sub-type"
            value={kit.subtype ?? ''}
            placeholder="Choose…"
            options={(links.find((one) => one.id === kit.link)?.subtypes ?? []).map(({ id, name }) => ({ id, name }))}
            onChange={(subtype) => changeKit({ subtype }, 'Sub-type chosen')}
          />
        </Field>
        <Field label="Wire" htmlFor="kit-wire">
          <Choice
            id="kit-wire"
            label="Wire"
            value={kit.wire ?? ''}
            placeholder="Choose…"
            options={WIRES}
            onChange={(wire) => changeKit({ wire: wire as 'leads' }, 'Wire chosen')}
          />
        </Field>
        <Field label="Controller" htmlFor="kit-controller">
          <Choice
            id="kit-controller"
            label="Controller"
            value={document.controller ?? NONE}
            options={controllers}
            onChange={part('controller', controllers)}
          />
        </Field>
        {controller && (
          <Field label="Its input" htmlFor="kit-input">
            <Choice
              id="kit-input"
              label="Its input"
              value={kit.input ?? ''}
              placeholder="Choose…"
              options={WIRES}
              onChange={(input) => changeKit({ input: input as 'leads' }, 'Input of the controller')}
            />
          </Field>
        )}
        <Field label="Receiver’s power" htmlFor="kit-power">
          <Choice
            id="kit-power"
            label="Receiver’s power"
            value={kit.power ?? ''}
            placeholder="Choose…"
            options={POWERS}
            onChange={(power) => changeKit({ power: power as 'usb' }, 'Receiver’s power')}
          />
        </Field>
        <Field label="Speed controller" htmlFor="kit-speed">
          <Choice
            id="kit-speed"
            label="Speed controller"
            value={kit.speedController ?? ''}
            placeholder="Choose…"
            options={named(stores.data?.speedControllers).slice(1)}
            onChange={(speedController) => changeKit({ speedController }, 'Speed controller')}
          />
        </Field>
        <Field label="Pack" htmlFor="kit-pack">
          <Choice
            id="kit-pack"
            label="Pack"
            value={kit.pack ?? ''}
            placeholder="Choose…"
            options={named(stores.data?.packs).slice(1)}
            onChange={(pack) => changeKit({ pack }, 'Pack')}
          />
        </Field>
        {controller?.ports && controller.ports.length > 0 && (
          <fieldset className="mt-3 grid gap-1">
            <legend className="text-muted text-sm">Who owns which serial port of {controller.name}</legend>
            {controller.ports.map((port) => (
              <Field key={port.id} label={port.name}>
                {port.kept ? (
                  <span className="text-muted text-sm">⌂ stays free: never give it away</span>
                ) : (
                  <TextField
                    label={`Owner of ${port.name}`}
                    value={ports.find((one) => one.port === port.id)?.owner ?? ''}
                    mayBeEmpty
                    maxLength={40}
                    onCommit={(owner) => givePort(ports, port.id, owner)}
                  />
                )}
              </Field>
            ))}
          </fieldset>
        )}
      </section>
      <section aria-label="Wiring" className="flex min-h-96 min-w-0 flex-1 flex-col border-line px-3 py-3 lg:border-x">
        <div className="flex items-center justify-between">
          <h2 className="text-muted text-sm">
            <span className="hidden font-semibold text-ink print:inline">{document.name}: </span>Wiring plan.{' '}
            <span className="text-rose">▲ Propellers off, antenna on before power.</span>
          </h2>
          <Button look="bare" className="print:hidden" onClick={() => window.print()}>
            <Printer size={16} aria-hidden /> Print
          </Button>
        </div>
        {look ? <Wiring leads={look.leads} /> : <p className="m-auto text-muted">◌ Drawing…</p>}
      </section>
      <Scroller label="Verdict" className="shrink-0 print:hidden px-4 py-3 lg:w-80 lg:overflow-auto">
        <h2 className={wrong > 0 ? 'text-rose' : 'text-teal'}>
          {look
            ? wrong > 0
              ? `▲ ${wrong === 1 ? 'One thing doesn’t' : `${wrong} things don’t`} fit`
              : '✓ It fits together'
            : '◌ Looking…'}
        </h2>
        <ul className="mt-1 grid gap-1">
          {(look?.verdict ?? []).map((point) => {
            const [mark, tone, word] = LEVELS[point.level]
            return (
              <li
                key={point.topic + point.says}
                data-point={point.level}
                className="rounded-lg border border-line bg-raised px-2.5 py-1.5 text-sm"
              >
                <span className={tone}>
                  <span aria-hidden>{mark}</span> <span className="sr-only">{word}: </span>
                  {point.topic}
                </span>{' '}
                {point.says}
                {point.cure && point.level !== 'fine' && <span className="block text-muted">{point.cure}</span>}
              </li>
            )
          })}
        </ul>
      </Scroller>
      {moving && <MoveDialog document={document} onClose={() => setMoving(false)} />}
    </div>
  )
}
