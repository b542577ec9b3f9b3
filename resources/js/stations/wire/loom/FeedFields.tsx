import { X } from 'lucide-react'
import type { Feed, Output, Program } from '@/api/types'
import { NumberField } from '@/parts/NumberField'
import { changeFeed, removeFeed } from '../edits'
import { both } from '../pairs'

type Props = { document: Program; output: Output; feed: Feed; index: number; condition: string | null }

function sourceName(from: Feed['from'], document: Program): string {
  if (typeof from === 'string') return document.functions?.find((fn) => fn.id === from)?.name ?? from
  if (from === 1) return 'Constant'
  if ('control' in from) return from.control
  return 'axis' in from ? `${from.axis} stick` : `Output ${from.output}`
}

/** One feed of an output: its weight, uneven where it has two sides, and its offset. */
export function FeedFields({ document, output, feed, index, condition }: Props) {
  const name = sourceName(feed.from, document)
  const [low, high] = both(feed.weight, 1)
  const extra = [
    feed.combine === 'replace' && 'replaces the sum',
    feed.combine === 'scale' && 'multiplies the sum',
    feed.curve && `by curve ${feed.curve}`,
    condition && `while ${condition}`,
  ].filter(Boolean)
  const field = (label: string, value: number, part: (value: number) => Partial<Feed>) => (
    <div className="min-w-0 flex-1">
      <span aria-hidden className="text-muted text-sm">
        {label}
      </span>
      <NumberField
        label={`${label} of ${name}`}
        value={value}
        least={-5}
        most={5}
        onChange={(changed) => changeFeed(output, index, { ...feed, ...part(changed) })}
      />
    </div>
  )
  return (
    <div className="rounded-lg border border-line px-2.5 pt-1 pb-2">
      <div className="flex items-center justify-between gap-2">
        <strong className="min-w-0 truncate font-semibold">{name}</strong>
        <button
          type="button"
          aria-label={`Take ${name} away`}
          onClick={() => removeFeed(output, index)}
          className="rounded p-1 hover:bg-line"
        >
          <X size={15} aria-hidden />
        </button>
      </div>
      {extra.length > 0 && <p className="text-muted text-sm">{extra.join(', ')}</p>}
      <div className="flex gap-2">
        {low === high ? (
          field('Weight', high, (weight) => ({ weight }))
        ) : (
          <>
            {field('Below zero', low, (weight) => ({ weight: [weight, high] }))}
            {field('Above zero', high, (weight) => ({ weight: [low, weight] }))}
          </>
        )}
        {field('Offset', feed.offset ?? 0, (offset) => ({ offset }))}
      </div>
    </div>
  )
}
