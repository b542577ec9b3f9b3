import type { Ruler } from '@/api/types'
import { marks, place } from '../place'

/** The numbers above the ruler, in µs. */
export function RulerHead({ ruler }: { ruler: Ruler }) {
  return (
    <div aria-hidden className="grid gap-x-3 px-2 text-muted text-sm md:grid-cols-[11rem_1fr_6.5rem]">
      <span className="hidden md:block">Channel</span>
      <span className="figures relative h-5">
        {marks(ruler).map((mark, index, all) => (
          <span
            key={mark}
            className={`absolute ${index === 0 ? 'max-md:hidden' : index === all.length - 1 ? '-translate-x-full max-md:hidden' : '-translate-x-1/2'}`}
            style={{ left: `${place(mark, ruler)}%` }}
          >
            {mark}
          </span>
        ))}
      </span>
      <span className="hidden text-right md:block">Pulse</span>
    </div>
  )
}
