import type { KeyboardEvent } from 'react'

type Props = {
  label: string
  value: number
  min: number
  max: number
  /** How far an arrow key goes. */
  step: number
  /** How far Page up and Page down go; a tenth of the way where it isn't said. */
  page?: number
  /** The value in words. */
  text: string
  vertical?: boolean
  change: (to: number) => void
  /** Back to where it rests, by 0 or Delete. */
  rest?: () => void
  title?: string
  data?: Record<`data-${string}`, string>
}

/**
 * The browser's own slider, unseen, over what draws the value: it has the keys and what a reader says. The pointer goes
 * through to the drawing below, which knows better how it is dragged.
 */
export function Range({
  label,
  value,
  min,
  max,
  step,
  page,
  text,
  vertical = false,
  change,
  rest,
  title,
  data,
}: Props) {
  const onKeyDown = (event: KeyboardEvent) => {
    // The keys of a slider are its own; no shortcut of the page is meant by them.
    if (/^(Arrow|Page|Home|End)/.test(event.key)) event.stopPropagation()
    const leap = page && { PageUp: page, PageDown: -page }[event.key]
    if (leap) {
      event.preventDefault()
      change(value + leap)
    }
    if (!rest || !['0', 'Delete', 'Backspace'].includes(event.key)) return
    event.preventDefault()
    event.stopPropagation()
    rest()
  }
  return (
    <input
      type="range"
      className={`range pointer-events-none absolute inset-0 size-full ${vertical ? 'range-up' : ''}`}
      aria-label={label}
      aria-valuetext={text}
      aria-orientation={vertical ? 'vertical' : 'horizontal'}
      title={title}
      min={min}
      max={max}
      step={step}
      value={value}
      onChange={(event) => change(event.currentTarget.valueAsNumber)}
      onKeyDown={onKeyDown}
      {...data}
    />
  )
}
