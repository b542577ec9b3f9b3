import type { Aircraft, KitPart } from '@/api/types'
import { workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Dialog } from '@/parts/Dialog'
import { Field } from '@/parts/Field'
import { forgetTyped, useKept } from '@/parts/useKept'
import { Typed } from './Typed'

const NONE = '–'

type Props = {
  start: KitPart | undefined
  choices: Aircraft['choices']
  regulators: KitPart[]
  systems: string[]
  ports: { id: string; name: string; kept?: boolean }[]
  onKeep: (part: KitPart) => void
  onClose: () => void
}

/** Values that are typed; empty where nobody has said. */
type Texts = Record<'low' | 'high' | 'draw' | 'count' | 'volts' | 'gives' | 'plug' | 'system' | 'generation', string>

const textsOf = (part: KitPart | undefined): Texts => {
  const supply = part?.supply
  const [low, high] = Array.isArray(supply) ? supply : [supply, supply]
  const text = (value: unknown) => (value === undefined ? '' : String(value))
  return {
    low: text(low),
    high: text(high),
    draw: text(part?.draw),
    count: text(part?.count ?? 1),
    volts: text(part?.volts),
    gives: text(part?.gives),
    plug: text(part?.plug),
    system: text(part?.system),
    generation: text(part?.generation),
  }
}

const number = (text: string): number | null => {
  const value = Number(text.replace(',', '.'))
  return text.trim() === '' || Number.isNaN(value) ? null : value
}

/** One part on board: what it is, what it takes and from what, its port, its firmware. */
export function PartDialog({ start, choices, regulators, systems, ports, onKeep, onClose }: Props) {
  const form = `part/${workbench.state.aircraft?.uuid}/${start?.id ?? 'new'}`
  const from = JSON.stringify(start ?? null)
  const close = () => {
    forgetTyped(form)
    onClose()
  }
  const [name, setName] = useKept(`${form}/name`, start?.name ?? '', from)
  const [kind, setKind] = useKept<KitPart['kind']>(`${form}/kind`, start?.kind ?? 'servo', from)
  const [fed, setFed] = useKept(`${form}/fed`, start?.fed ?? NONE, from)
  const [port, setPort] = useKept(`${form}/port`, start?.port ?? NONE, from)
  const [texts, setTexts] = useKept(`${form}/texts`, textsOf(start), from)
  const put = (key: keyof Texts) => (text: string) => setTexts({ ...texts, [key]: text })
  const made = (): KitPart => {
    const [low, high] = [number(texts.low), number(texts.high)]
    const given = <Value,>(key: string, value: Value | null) => (value === null ? {} : { [key]: value })
    const text = (value: string) => (value.trim() === '' ? null : value.trim())
    const count = number(texts.count)
    return {
      id: start?.id ?? '',
      name: name.trim(),
      kind,
      ...given('count', count === 1 ? null : count),
      ...given('supply', low === null && high === null ? null : [low ?? high, high ?? low]),
      ...given('draw', number(texts.draw)),
      ...given('fed', fed === NONE ? null : fed),
      ...given('volts', kind === 'regulator' ? number(texts.volts) : null),
      ...given('gives', kind === 'regulator' ? number(texts.gives) : null),
      ...given('plug', text(texts.plug)),
      ...given('port', port === NONE ? null : port),
      ...given('system', text(texts.system)),
      ...given('generation', number(texts.generation)),
    } as KitPart
  }
  return (
    <Dialog
      open
      title={start ? start.name : 'A part on board'}
      says="What is left empty is not checked, and the verdict says so."
      onClose={onClose}
      foot={
        <>
          <Button onClick={close}>Cancel</Button>
          <Button
            look="main"
            disabled={name.trim() === ''}
            onClick={() => {
              onKeep(made())
              forgetTyped(form)
            }}
          >
            {start ? 'Apply' : 'Add'}
          </Button>
        </>
      }
    >
      <div className="grid gap-1.5">
        <Field label="What it is" htmlFor="part-kind">
          <Choice
            id="part-kind"
            label="What it is"
            value={kind}
            options={choices.partKinds}
            onChange={(to) => setKind(to as KitPart['kind'])}
          />
        </Field>
        <Typed id="part-name" label="Name" value={name} onChange={setName} />
        <Typed id="part-count" label="How many" value={texts.count} onChange={put('count')} isNumber />
        <Field label="Powered by" htmlFor="part-fed">
          <Choice
            id="part-fed"
            label="Powered by"
            value={fed}
            options={[
              { id: NONE, name: 'not said' },
              ...choices.powerSources,
              ...regulators.map((one) => ({ id: one.id, name: one.name, group: 'Regulators' })),
            ]}
            onChange={setFed}
          />
        </Field>
        <Field label="Takes, volts">
          <Typed label="Volts, from" value={texts.low} onChange={put('low')} isNumber bare />
          <span className="text-muted text-sm">to</span>
          <Typed label="Volts, to" value={texts.high} onChange={put('high')} isNumber bare />
        </Field>
        <Typed id="part-draw" label="Draws each, mA" value={texts.draw} onChange={put('draw')} isNumber />
        {kind === 'regulator' && (
          <>
            <Typed id="part-volts" label="Gives, volts" value={texts.volts} onChange={put('volts')} isNumber />
            <Typed id="part-gives" label="Gives, mA" value={texts.gives} onChange={put('gives')} isNumber />
          </>
        )}
        <Typed id="part-plug" label="Plug" value={texts.plug} onChange={put('plug')} />
        {ports.length > 0 && (
          <Field label="Serial port" htmlFor="part-port">
            <Choice
              id="part-port"
              label="Serial port"
              value={port}
              options={[
                { id: NONE, name: 'none' },
                ...ports.filter((one) => !one.kept).map((one) => ({ id: one.id, name: one.name })),
              ]}
              onChange={setPort}
            />
          </Field>
        )}
        <Typed
          id="part-system"
          label="Matches with"
          value={texts.system}
          placeholder="a system whose parts run the same firmware"
          suggest={systems}
          onChange={put('system')}
        />
        <Typed id="part-generation" label="Firmware" value={texts.generation} onChange={put('generation')} isNumber />
      </div>
    </Dialog>
  )
}
