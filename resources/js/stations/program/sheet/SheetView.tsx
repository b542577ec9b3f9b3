import { Check, Download, Printer } from 'lucide-react'
import { Checkbox } from 'radix-ui'
import { useState } from 'react'
import { useSheet, useStores } from '@/api/queries'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Scroller } from '@/parts/Scroller'
import { Tick } from '@/parts/Tick'
import type { View } from '../views'
import { TakeOut } from './TakeOut'
import { useTick, useTicksOnTheirWay } from './ticks'

const link =
  'inline-flex min-h-9 items-center gap-1.5 rounded-lg border border-line bg-raised px-3 text-sm hover:border-edge'

/** All that is entered into a transmitter, in the order in which one does it, with boxes to tick. */
export function SheetView({ aircraft }: View) {
  const [transmitter, setTransmitter] = useState(aircraft.transmitter)
  const [left, setLeft] = useState(false)
  const stores = useStores()
  const { data: sheet, error } = useSheet(aircraft.id, aircraft.revision, transmitter)
  const tick = useTick(aircraft.id, aircraft.revision, sheet)
  const saving = useTicksOnTheirWay()
  const lines = sheet?.sections.flatMap((section) => section.lines) ?? []
  const entered = Object.entries(sheet?.entered ?? {})
  const done = entered.filter(([, one]) => one.state === 'done').length
  const changed = entered.length - done
  const sections = sheet?.sections ?? []
  const isLeft = (key: string) => sheet?.entered[key]?.state !== 'done'
  const shown =
    left && done < lines.length
      ? sections
          .map((one) => ({ ...one, lines: one.lines.filter((line) => isLeft(line.key)) }))
          .filter((one) => one.lines.length > 0)
      : sections
  const file = (kind: string) => `/api/aircraft/${aircraft.id}/sheet.${kind}?transmitter=${transmitter}`
  return (
    <div className="flex h-full min-h-0 flex-col px-4 py-3">
      <div className="flex flex-wrap items-center gap-2">
        <label htmlFor="sheet-for" className="text-muted text-sm">
          Enter into
        </label>
        <div className="w-44">
          <Choice
            id="sheet-for"
            label="Transmitter"
            value={transmitter}
            options={(stores.data?.transmitters ?? []).map((one) => ({ id: one.id, name: one.name }))}
            onChange={setTransmitter}
          />
        </div>
        <p className="figures text-sm" data-done>
          {done} of {lines.length} entered{saving && <span className="text-muted"> · ◌ saving…</span>}
        </p>
        {changed > 0 && (
          <p data-changed className="text-sm text-sodium">
            ▲ {changed === 1 ? 'One line' : `${changed} lines`} to enter again
          </p>
        )}
        {done > 0 && done < lines.length && <Tick says="Only what is left" on={left} onChange={setLeft} />}
        {sheet && sheet.compromises > 0 && (
          <p className="text-sm text-sodium">
            ▲ {sheet.compromises === 1 ? 'One value' : `${sheet.compromises} values`} it can’t hold just so
          </p>
        )}
        <span className="flex-1" />
        <Button
          look="bare"
          disabled={entered.length === 0}
          onClick={() => tick({ keys: entered.map(([key]) => key), done: false })}
        >
          Clear the ticks
        </Button>
        <a className={link} href={file('html')} target="_blank" rel="noreferrer">
          <Printer size={16} aria-hidden /> Print
        </a>
        <a className={link} href={file('csv')} download>
          <Download size={16} aria-hidden /> CSV
        </a>
        <a className={link} href={file('json').replace('.json', '')} download={`${aircraft.name}-sheet.json`}>
          <Download size={16} aria-hidden /> JSON
        </a>
      </div>
      {error && (
        <p role="alert" className="mt-2 text-rose">
          ▲ {error.message}
        </p>
      )}
      {sheet && <TakeOut id={aircraft.id} sheet={sheet} />}
      {sheet && sheet.losses.length > 0 && (
        <ul data-losses className="mt-2 rounded-lg border border-sodium px-3 py-2 text-sm">
          {sheet.losses.map((loss) => (
            <li key={loss}>
              <span className="text-sodium">▲</span> {loss}
            </li>
          ))}
        </ul>
      )}
      <Scroller label="Programming sheet" className="mt-2 min-h-0 flex-1 overflow-auto">
        <div className="gap-6 lg:columns-2">
          {sheet &&
            shown.map((section) => (
              <section key={section.title} className="mb-4" data-section={section.title}>
                <h3 className="font-semibold">{section.title}</h3>
                <p className="text-muted text-sm">{section.says}</p>
                <ul className="mt-1">
                  {section.lines.map((line) => (
                    <li
                      key={line.key}
                      className="flex break-inside-avoid items-start gap-2 border-line border-t py-1 text-sm"
                    >
                      <Checkbox.Root
                        checked={sheet.entered[line.key]?.state === 'done'}
                        onCheckedChange={(is) => tick({ keys: [line.key], done: is === true })}
                        aria-label={`${line.what}: ${line.value}`}
                        className="mt-px flex size-5 shrink-0 items-center justify-center rounded border border-edge bg-deep data-[state=checked]:bg-teal data-[state=checked]:text-deep"
                      >
                        <Checkbox.Indicator>
                          <Check size={14} aria-hidden />
                        </Checkbox.Indicator>
                      </Checkbox.Root>
                      <span className="w-2/5 shrink-0">{line.what}</span>
                      <span className="min-w-0 flex-1 tabular-nums">
                        {line.value}
                        {sheet.entered[line.key]?.state === 'changed' && (
                          <span className="block text-sodium">▲ entered as {sheet.entered[line.key]?.value}</span>
                        )}
                        {line.lost && (
                          <span className="block text-sodium">
                            ▲ wanted {line.wanted}: {line.lost}
                          </span>
                        )}
                      </span>
                    </li>
                  ))}
                </ul>
              </section>
            ))}
        </div>
      </Scroller>
    </div>
  )
}
