import { X } from 'lucide-react'
import type { Aircraft, Control, Feed, Output, Program } from '@/api/types'
import { Button } from '@/parts/Button'
import { NumberField } from '@/parts/NumberField'
import { capital } from '@/parts/words'
import { ConditionButton } from '../../conditions/ConditionButton'
import { changeFeed, removeFeed } from '../edits'
import { both } from '../pairs'

type Props = {
  aircraft: Aircraft
  document: Program
  output: Output
  feed: Feed
  index: number
  condition: string | null
}

function sourceName(from: Feed['from'], document: Program, controls: Control[]): string {
  if (typeof from === 'string') return document.functions?.find((fn) => fn.id === from)?.name ?? from
  if (from === 1) return 'Constant'
  if ('control' in from) return controls.find((one) => one.id === from.control)?.name ?? from.control
  if ('axis' in from) return `${capital(from.axis)} stick`
  const output = document.outputs?.find((one) => one.channel === from.output)
  return `${from.output} ${output?.name ?? ''}`
}

/** One feed of an output: its amount, uneven where it has two sides, and its shift. */
export function FeedFields({ aircraft, document, output, feed, index, condition }: Props) {
  const name = sourceName(feed.from, document, aircraft.transmitterDefinition.controls)
  const [low, high] = both(feed.weight, 1)
  const { when: _when, ...always } = feed
  const extra = [
    feed.combine === 'replace' && 'replaces what is above',
    feed.combine === 'scale' && 'multiplies what is above',
    feed.curve && `by curve ${feed.curve}`,
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
          aria-label={`Remove ${name}`}
          onClick={() => removeFeed(output, index)}
          className="rounded p-1 hover:bg-line"
        >
          <X size={15} aria-hidden />
        </button>
      </div>
      {extra.length > 0 && <p className="text-muted text-sm">{extra.join(', ')}</p>}
      <div className="flex gap-2">
        {low === high ? (
          field('Amount', high, (weight) => ({ weight }))
        ) : (
          <>
            {field('Below zero', low, (weight) => ({ weight: [weight, high] }))}
            {field('Above zero', high, (weight) => ({ weight: [low, weight] }))}
          </>
        )}
        {field('Shift', feed.offset ?? 0, (offset) => ({ offset }))}
      </div>
      <div className="mt-1.5 flex items-center gap-2">
        {condition && <p className="min-w-0 flex-1 break-words text-sm">while {condition}</p>}
        <ConditionButton
          aircraft={aircraft}
          document={document}
          title={`When ${name} feeds ${output.name}`}
          words={condition ?? ''}
          value={feed.when ?? null}
          label={feed.when ? `Change when ${name} feeds` : `Only while, ${name}`}
          onTake={(when) => changeFeed(output, index, { ...feed, when })}
        >
          {feed.when ? 'Change…' : 'Only while…'}
        </ConditionButton>
        {feed.when && (
          <Button className="min-h-8 px-2" onClick={() => changeFeed(output, index, always)}>
            Always
          </Button>
        )}
      </div>
    </div>
  )
}
