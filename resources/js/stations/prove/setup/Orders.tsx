import { X } from 'lucide-react'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { keyed } from '@/parts/keyed'
import { capital } from '@/parts/words'
import { changeSetup, type Known } from './setup'

const INPUTS = ['roll', 'pitch', 'throttle', 'yaw', 'collective', 'gain', 'style', 'arm', 'mode', 'none'] as const

/** Of two modes that are active the upper one wins. */
export function Priority({ known, priority }: { known: Known; priority: string[] }) {
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

/** What the controller takes each channel for. */
export function Order({ order }: { order: (typeof INPUTS)[number][] }) {
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
