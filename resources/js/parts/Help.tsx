import { CircleHelp } from 'lucide-react'
import { Popover } from 'radix-ui'
import { HELP } from './help'
import type { AnyView, Place } from './places'
import { TERMS } from './terms'

/** What a view is for, why it is so, and what its terms mean. */
export function Help({ here }: { here: Place<AnyView> }) {
  const help = HELP[here.path]
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`Help: ${here.name}`}
        className="inline-flex size-9 max-md:size-11 shrink-0 items-center justify-center self-center rounded-lg text-muted hover:bg-line/60 hover:text-ink"
      >
        <CircleHelp size={17} aria-hidden />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          collisionPadding={12}
          aria-label={`Help: ${here.name}`}
          className="z-40 max-h-[70vh] w-[min(26rem,92vw)] overflow-auto rounded-2xl border border-edge bg-raised p-4 shadow-2xl"
        >
          <h2 className="font-semibold">{here.name}</h2>
          <p className="mt-1 text-sm">{here.says}</p>
          {help && <p className="mt-2 text-sm">{help.why.join(' ')}</p>}
          {help && (
            <dl className="mt-3 grid gap-1.5 border-line border-t pt-2 text-sm">
              {help.terms.map((term) => (
                <div key={term}>
                  <dt className="inline font-semibold text-teal">{term}: </dt>
                  <dd className="inline text-muted">{TERMS.get(term)}</dd>
                </div>
              ))}
            </dl>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
