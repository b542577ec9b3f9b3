import type { Ruler } from '@/api/types'
import { NumberField } from '@/parts/NumberField'
import { capital } from '@/parts/words'
import type { ArmRange } from './setup'

type Props = { name: string; range: ArmRange; ruler: Ruler; onChange: (part: Partial<ArmRange>) => void }

/** Channel and both edges of a range, as three cells of a grid. */
export function RangeFields({ name, range, ruler, onChange }: Props) {
  return (
    <>
      <NumberField
        label={`Channel of ${name}`}
        value={range.channel}
        least={1}
        most={32}
        unit=""
        onChange={(channel) => onChange({ channel: Math.round(channel) })}
      />
      <NumberField
        label={`${capital(name)}, lower edge`}
        value={range.from}
        least={ruler.from}
        most={range.to - 1}
        unit="µs"
        onChange={(from) => onChange({ from: Math.round(from) })}
      />
      <NumberField
        label={`${capital(name)}, upper edge`}
        value={range.to}
        least={range.from + 1}
        most={ruler.to}
        unit="µs"
        onChange={(to) => onChange({ to: Math.round(to) })}
      />
    </>
  )
}
