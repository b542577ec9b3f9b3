import type { Ruler } from '@/api/types'
import { marks, place } from '../place'

/** The numbers above the ruler, in µs. */
export function RulerHead({ ruler }: { ruler: Ruler }) {
  return (
    <div
      aria-hidden
      className="grid grid-cols-[8rem_1fr_5.5rem] gap-3 px-1 text-muted text-sm md:grid-cols-[11rem_1fr_6.5rem]"
    >
      <span>Channel</span>
      <span className="figures relative h-5">
        {marks(ruler).map((mark, index, all) => (
          <span
            key={mark}
            className={`absolute ${mark === ruler.centre ? '' : 'hidden md:inline'} ${index === 0 ? '' : index === all.length - 1 ? '-translate-x-full' : '-translate-x-1/2'}`}
            style={{ left: `${place(mark, ruler)}%` }}
          >
            {mark}
          </span>
        ))}
      </span>
      <span className="text-right">Pulse</span>
    </div>
  )
}
