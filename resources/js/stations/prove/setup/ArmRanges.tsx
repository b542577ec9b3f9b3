import { X } from 'lucide-react'
import type { Ruler } from '@/api/types'
import { Button } from '@/parts/Button'
import { keyed } from '@/parts/keyed'
import { RangeFields } from './RangeFields'
import { type ArmRange, changeSetup, type Known } from './setup'

/** Where on which channels the controller arms. */
export function ArmRanges({ ranges, usual, ruler }: { ranges: ArmRange[]; usual: Known['usual']; ruler: Ruler }) {
  const put = (next: ArmRange[]) => changeSetup({ arming: { by: 'range', ranges: next } }, 'Arm ranges')
  const change = (index: number, part: Partial<ArmRange>) =>
    put(ranges.map((one, at) => (at === index ? { ...one, ...part } : one)))
  return (
    <ul className="grid gap-1">
      {keyed(ranges, () => 'arm').map(({ key, item: range, index }) => (
        <li key={key} className="grid grid-cols-[4.5rem_1fr_1fr_1.75rem] items-center gap-1.5">
          <RangeFields
            name={`arm range ${index + 1}`}
            range={range}
            ruler={ruler}
            onChange={(part) => change(index, part)}
          />
          <button
            type="button"
            aria-label={`Remove arm range ${index + 1}`}
            disabled={ranges.length === 1}
            onClick={() => put(ranges.filter((_, at) => at !== index))}
            className="rounded p-1 hover:bg-line disabled:opacity-30"
          >
            <X size={15} aria-hidden />
          </button>
        </li>
      ))}
      <li>
        <Button
          look="bare"
          onClick={() => put([...ranges, { ...usual, channel: ranges.at(-1)?.channel ?? usual.channel }])}
        >
          Add an arm range
        </Button>
      </li>
    </ul>
  )
}
