import { Minus, Plus } from 'lucide-react'
import { useEffect, useState } from 'react'
import { IconButton } from '@/parts/IconButton'

type Props = {
  id?: string
  label: string
  value: number
  least: number
  most: number
  onChange: (count: number) => void
}

/** How many: typed, or one more, one less. */
export function Count({ id, label, value, least, most, onChange }: Props) {
  const [text, setText] = useState(String(value))
  useEffect(() => setText(String(value)), [value])
  const put = (count: number) => onChange(Math.min(most, Math.max(least, count)))
  return (
    <span className="flex shrink-0 items-center">
      <IconButton icon={Minus} label={`${label}: one less`} disabled={value <= least} onClick={() => put(value - 1)} />
      <input
        id={id}
        aria-label={label}
        inputMode="numeric"
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => {
          const count = Number(text)
          if (text.trim() === '' || !Number.isInteger(count)) setText(String(value))
          else put(count)
        }}
        className="figures h-9 w-14 rounded-lg border border-line bg-deep px-1 text-center max-md:h-11"
      />
      <IconButton icon={Plus} label={`${label}: one more`} disabled={value >= most} onClick={() => put(value + 1)} />
    </span>
  )
}
