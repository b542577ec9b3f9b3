import { ArrowDown, ArrowUp, Plus, Trash2, X } from 'lucide-react'
import type { GlancePage, Program, Recording, SenseLook } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { IconButton } from '@/parts/IconButton'
import { keyed } from '@/parts/keyed'
import { TextField } from '@/parts/TextField'
import { Glance } from '@/recording/Glance'
import { CheckResults } from '../CheckResults'
import { changeSense, without } from '../edits'

const ANY = 'any'

type Cell = NonNullable<GlancePage['cells']>[number]
type Props = { page: GlancePage; place: number; document: Program; look: SenseLook; flown: Recording | null }

/** A page: its values one by one, and how it is seen. */
export function PageCard({ page, place, document, look, flown }: Props) {
  const cells = page.cells ?? []
  const change = (to: (now: GlancePage) => GlancePage, note: string) =>
    changeSense(
      (now) => ({ ...now, pages: (now.pages ?? []).map((one) => (one.id === page.id ? to(one) : one)) }),
      note,
    )
  const put = (next: Cell[]) => change((now) => ({ ...now, cells: next }), `${page.name}: what it shows`)
  const swap = (at: number, cell: Cell) => put(cells.map((one, index) => (index === at ? cell : one)))
  const free = look.pages.places.find(({ id }) => !cells.some((one) => one.place === id))
  const add = () => {
    const value = look.values.find((one) => !cells.some((cell) => cell.value === one.id)) ?? look.values[0]
    if (!value) return
    put([
      ...cells,
      {
        value: value.id,
        ...(page.kind === 'picture' ? { place: (free?.id ?? 'top') as NonNullable<Cell['place']> } : {}),
      },
    ])
  }
  const up = () =>
    changeSense((now) => {
      const pages = [...(now.pages ?? [])]
      const [one] = pages.splice(place, 1)
      if (one) pages.splice(place - 1, 0, one)
      return { ...now, pages }
    }, 'Order of the pages')
  return (
    <li data-page={page.id} className="rounded-xl border border-line bg-raised px-3 py-2">
      <div className="flex items-center gap-2">
        <TextField
          label={`Name of ${page.id}`}
          value={page.name}
          onCommit={(name) => change((now) => ({ ...now, name }), `${name}: named`)}
        />
        <div className="w-40 shrink-0">
          <Choice
            label={`Phase of ${page.name}`}
            value={page.phase ?? ANY}
            options={[
              { id: ANY, name: 'any phase' },
              ...(document.phases ?? []).map((one) => ({ id: one.id, name: one.name })),
            ]}
            onChange={(phase) =>
              change(
                (now) => (phase === ANY ? (without(now, 'phase') as GlancePage) : { ...now, phase }),
                `${page.name}: its phase`,
              )
            }
          />
        </div>
        <IconButton icon={ArrowUp} disabled={place === 0} label={`${page.name} earlier`} onClick={up} />
        <IconButton
          icon={Trash2}
          label={`Remove ${page.name}`}
          onClick={() =>
            changeSense(
              (now) => ({ ...now, pages: (now.pages ?? []).filter((one) => one.id !== page.id) }),
              `${page.name} removed`,
            )
          }
        />
      </div>
      <div className="mt-2 flex flex-wrap gap-3">
        <ul
          aria-label={`Values of ${page.name}`}
          className="grid min-w-0 shrink-0 grow basis-88 grid-cols-[minmax(0,1fr)] content-start gap-1 max-md:basis-full"
        >
          {keyed(cells, (cell) => cell.value).map(({ key, item: cell, index }) => (
            <li key={key} className="flex flex-wrap items-center gap-1">
              <span className="min-w-28 flex-1">
                <Choice
                  label={`Value ${index + 1} of ${page.name}`}
                  value={cell.value}
                  placeholder={`${cell.value}?`}
                  options={look.values.map((one) => ({ id: one.id, name: one.name, group: one.from }))}
                  onChange={(value) => swap(index, { ...cell, value })}
                />
              </span>
              <span className="w-24">
                <Choice
                  label={`Look of value ${index + 1} of ${page.name}`}
                  value={cell.look ?? 'number'}
                  options={look.pages.looks}
                  onChange={(to) => swap(index, { ...cell, look: to as NonNullable<Cell['look']> })}
                />
              </span>
              {page.kind === 'picture' && (
                <span className="w-28">
                  <Choice
                    label={`Place of value ${index + 1} of ${page.name}`}
                    value={cell.place ?? ''}
                    options={look.pages.places.filter(
                      ({ id }) => id === cell.place || !cells.some((one) => one.place === id),
                    )}
                    onChange={(to) => swap(index, { ...cell, place: to as NonNullable<Cell['place']> })}
                  />
                </span>
              )}
              <IconButton
                icon={ArrowDown}
                disabled={index === cells.length - 1}
                label={`Value ${index + 1} of ${page.name} later`}
                onClick={() => {
                  const next = [...cells]
                  const [one] = next.splice(index, 1)
                  if (one) next.splice(index + 1, 0, one)
                  put(next)
                }}
              />
              <IconButton
                icon={X}
                label={`Take value ${index + 1} out of ${page.name}`}
                onClick={() => put(cells.filter((_, other) => other !== index))}
              />
            </li>
          ))}
          <li>
            <Button disabled={cells.length >= 8 || look.values.length === 0} onClick={add}>
              <Plus size={15} aria-hidden /> A value
            </Button>
          </li>
        </ul>
        <div className="min-w-0 grow basis-56">
          <Glance page={page} values={look.values} flight={flown} />
        </div>
      </div>
      <CheckResults checks={look.checks} about={`page:${page.id}`} />
    </li>
  )
}
