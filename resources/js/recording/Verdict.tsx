import { edit, propose } from '@/api/proposals'
import type { Recording } from '@/api/types'
import { Button } from '@/parts/Button'
import { tell } from '@/parts/toast'
import { clock } from './clock'
import { player } from './player'

const LEVELS = {
  fine: ['✓', 'text-teal'],
  look: ['○', 'text-sodium'],
  'not checked': ['◌', 'text-sodium'],
  wrong: ['▲', 'text-rose'],
} as const

/** What the flight showed, and what the three schools of landing would have done on it. */
export function Verdict({ flown }: { flown: Recording }) {
  const share = Math.round(flown.airtime.share * 100)
  return (
    <>
      <section aria-label="Verdict" className="mt-3">
        <h3 className="font-semibold">Verdict</h3>
        <ul className="mt-1 grid gap-1">
          {flown.verdict.map((one) => {
            const [mark, tone] = LEVELS[one.level]
            return (
              <li
                key={one.topic + one.says}
                data-verdict={one.topic}
                className="rounded-lg border border-line bg-raised px-2.5 py-1.5 text-sm"
              >
                <span className={tone}>
                  {mark} {one.topic}
                </span>{' '}
                {one.says}
                <span className="flex flex-wrap gap-2">
                  {one.at !== null && (
                    <Button look="bare" onClick={() => player.seek(one.at ?? 0)}>
                      Go to {clock(one.at)}
                    </Button>
                  )}
                  {one.mend !== null && (
                    <Button
                      onClick={() =>
                        void edit(
                          (draft) => propose.hold(draft, one.mend ?? ''),
                          'An alarm holds before it speaks',
                        ).then((done) => 'problem' in done && tell(done.problem, { kind: 'problem' }))
                      }
                    >
                      Fix
                    </Button>
                  )}
                </span>
              </li>
            )
          })}
        </ul>
        <p className="mt-1 text-muted text-sm">
          The voice spoke {share} % of the time; {flown.airtime.dropped} dropped, {flown.airtime.late} late,{' '}
          {flown.airtime.talkedOver} talked over.
        </p>
      </section>
      <section aria-label="Landing strategies" className="mt-3 text-sm">
        <h3 className="font-semibold">When each strategy would land</h3>
        <table className="w-full">
          <tbody>
            {flown.schools.map((one) => (
              <tr key={one.id} data-school={one.id} title={one.says} className="border-line border-b">
                <td className="py-0.5">{one.name}</td>
                <td className="figures text-right">{one.at === null ? 'not in this flight' : clock(one.at)}</td>
                <td className="figures text-right text-muted">
                  {one.left === null ? '' : `${Math.round(one.left * 100)} % left`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </>
  )
}
