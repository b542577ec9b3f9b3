import { useState } from 'react'
import { Button } from '@/parts/Button'

type Props = { name: string; home: number[] | undefined; onChange: (home: [number, number] | undefined) => void }

/** Where home is for a value: the first fix, or a place that the pilot names in degrees. */
export function Home({ name, home, onChange }: Props) {
  const [text, setText] = useState(home?.join(', ') ?? '')
  const [problem, setProblem] = useState<string | null>(null)
  const take = () => {
    if (text.trim() === '') {
      setProblem(null)
      if (home) onChange(undefined)
      return
    }
    const parts = text.split(/[\s,;]+/).filter(Boolean)
    const [latitude, longitude] = parts.map(Number)
    if (
      parts.length !== 2 ||
      latitude === undefined ||
      longitude === undefined ||
      !(Math.abs(latitude) <= 90) ||
      !(Math.abs(longitude) <= 180)
    ) {
      setProblem('Two numbers in degrees, latitude then longitude: 52.1, 4.3')
      return
    }
    setProblem(null)
    if (home?.[0] !== latitude || home?.[1] !== longitude) onChange([latitude, longitude])
  }
  return (
    <div className="mt-1 flex flex-wrap items-center gap-2 text-sm">
      <span className="text-muted">home</span>
      <input
        aria-label={`Home of ${name}`}
        placeholder="the first fix"
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => event.key === 'Enter' && take()}
        className="figures h-9 min-w-0 flex-1 rounded-lg border border-line bg-deep px-2 text-ink max-md:h-11"
      />
      {home && (
        <Button
          look="bare"
          onClick={() => {
            setText('')
            onChange(undefined)
          }}
        >
          The first fix
        </Button>
      )}
      {problem && (
        <p role="alert" className="w-full text-rose">
          ▲ {problem}
        </p>
      )}
    </div>
  )
}
