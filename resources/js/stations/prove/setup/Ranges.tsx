import { Plus, X } from 'lucide-react'
import type { Ruler } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { keyed } from '@/parts/keyed'
import { RangeFields } from './RangeFields'
import { changeSetup, type Known, type Range, type Setup } from './setup'

/** The ranges of the modes: on any channels, several for a mode. */
export function Ranges({ known, own, ruler }: { known: Known; own: Setup; ruler: Ruler }) {
  const ranges = own.modes ?? known.delivered.modes ?? []
  const put = (modes: Range[], note: string) => changeSetup({ modes }, note)
  const change = (index: number, part: Partial<Range>) =>
    put(
      ranges.map((one, at) => (at === index ? { ...one, ...part } : one)),
      'Ranges of the modes',
    )
  const names = Object.fromEntries(known.modes.map((one) => [one.id, one.name]))
  const add = () =>
    put(
      [
        ...ranges,
        { mode: known.modes[0]?.id ?? '', ...known.usual, channel: ranges.at(-1)?.channel ?? known.usual.channel },
      ],
      'Added a range',
    )
  return (
    <section aria-label="Ranges of the modes" className="rounded-xl border border-line bg-raised p-3">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="font-semibold">Ranges of the modes</h2>
        <span className="flex gap-1.5">
          {own.modes && (
            <Button look="bare" onClick={() => changeSetup({ modes: undefined }, 'Ranges as delivered')}>
              As delivered
            </Button>
          )}
          <Button look="bare" onClick={add} disabled={known.modes.length === 0}>
            <Plus size={14} aria-hidden /> Range
          </Button>
        </span>
      </div>
      <ul className="mt-1 grid gap-1">
        {keyed(ranges, () => 'range').map(({ key, item: range, index }) => {
          const name = `${names[range.mode] ?? range.mode}, channel ${range.channel}`
          return (
            <li
              key={key}
              data-range={`${range.mode} ${range.channel}`}
              className="grid grid-cols-[1fr_4rem_1.75rem] items-center gap-1.5 sm:grid-cols-[1fr_4.5rem_6.5rem_6.5rem_1.75rem]"
            >
              <Choice
                label={`Mode of range ${index + 1}`}
                value={range.mode}
                options={known.modes.map((one) => ({ id: one.id, name: one.name }))}
                onChange={(mode) => change(index, { mode })}
              />
              <RangeFields name={name} range={range} ruler={ruler} onChange={(part) => change(index, part)} />
              <button
                type="button"
                aria-label={`Remove the range of ${name}`}
                onClick={() =>
                  put(
                    ranges.filter((_, at) => at !== index),
                    'Removed a range',
                  )
                }
                className="rounded p-1 hover:bg-line"
              >
                <X size={15} aria-hidden />
              </button>
            </li>
          )
        })}
      </ul>
      {ranges.length === 0 && <p className="mt-1 text-muted text-sm">No mode has a range.</p>}
    </section>
  )
}
