/** An end of threads on the loom, and what can be done there. */
export type Place = {
  end: string
  selected: boolean
  /** Tied to what is selected. */
  lit: boolean
  target?: boolean
  onSelect: () => void
  onPull?: (end: string, event: React.PointerEvent) => void
}

type Props = Place & {
  name: string
  says: string
  number?: number
  unused: boolean
  clipped?: boolean
  /** A signal drawn as a bar from the middle. */
  bar?: number | undefined
}

/** A place on the loom where threads begin or end. */
export function Node(props: Props) {
  const { end, name, says, number, selected, lit, unused, clipped, target, bar, onSelect, onPull } = props
  const border =
    selected || target || lit
      ? 'border-sodium'
      : clipped
        ? 'border-rose'
        : unused
          ? 'border-line border-dashed'
          : 'border-line'
  return (
    <div data-end={end} className="relative z-10 flex max-h-13 min-h-11 flex-1 items-stretch @xl:max-h-9 @xl:min-h-5.5">
      <button
        type="button"
        aria-pressed={selected}
        title={name}
        onClick={onSelect}
        className={`relative flex min-w-0 flex-1 items-center gap-x-2 overflow-hidden rounded-md border px-1.5 text-left text-sm @xl:px-2 ${border} ${selected ? 'bg-line' : 'bg-raised hover:border-edge'} ${target ? 'ring-2 ring-sodium' : ''}`}
      >
        {number !== undefined && <span className="figures shrink-0 text-right text-muted @xl:w-5">{number}</span>}
        <span
          className={`min-w-0 flex-1 leading-tight @max-xl:line-clamp-2 @xl:truncate ${unused ? 'text-muted' : ''}`}
        >
          {name}
        </span>
        {clipped && <span className="shrink-0 text-rose">▲ clips</span>}
        <span
          className={`figures hidden max-w-[60%] shrink-0 truncate @xl:block ${unused ? 'text-muted' : 'text-teal'}`}
          data-says
        >
          {says}
        </span>
        {bar !== undefined && (
          <span
            aria-hidden
            className="absolute bottom-0 h-[3px] bg-teal"
            style={{
              left: `${50 + Math.min(0, bar) * 33.3}%`,
              width: `${Math.abs(bar) * 33.3}%`,
            }}
          />
        )}
      </button>
      {onPull && (
        <span
          aria-hidden
          data-pull={end}
          title="Pull a thread to a function"
          onPointerDown={(event) => onPull(end, event)}
          className="-right-2 -translate-y-1/2 absolute top-1/2 flex size-5 cursor-grab touch-none items-center justify-center"
        >
          <span
            className={`size-2.5 rounded-full border-2 ${unused ? 'border-edge bg-ground' : 'border-teal bg-ground'}`}
          />
        </span>
      )}
    </div>
  )
}
