import type { Proposal } from '@/api/types'
import { keyed } from './keyed'
import { Scroller } from './Scroller'

const pulse = (us: number | null) => (us === null ? '—' : us)

/** What an edit does at the channels: where, before and after. */
export function Pulses({ pulses }: { pulses: Proposal['pulses'] }) {
  return (
    <Scroller
      label="Pulses before and after"
      className="max-h-44 overflow-auto rounded-lg border border-line px-3 py-2"
    >
      <table className="w-full text-left" data-pulses>
        <thead className="text-muted">
          <tr>
            <th className="pr-2 font-normal">Channel</th>
            <th className="pr-2 font-normal">With</th>
            <th className="pr-2 text-right font-normal">now, µs</th>
            <th className="text-right font-normal">then, µs</th>
          </tr>
        </thead>
        <tbody>
          {keyed(pulses, (one) => `${one.channel}`).map(({ key, item, index }) => (
            <tr key={key}>
              <td className="pr-2 align-top">
                <span className={pulses[index - 1]?.channel === item.channel ? 'sr-only' : ''}>
                  <span className="figures">{item.channel}</span> {item.name}
                </span>
              </td>
              <td className="pr-2 align-top">{item.where}</td>
              <td className="figures pr-2 text-right align-top">{pulse(item.before)}</td>
              <td className={`figures text-right align-top ${item.before === item.after ? 'text-muted' : 'text-teal'}`}>
                {item.before === item.after ? 'the same' : pulse(item.after)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Scroller>
  )
}
