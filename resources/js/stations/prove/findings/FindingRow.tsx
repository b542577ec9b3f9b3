import { hand } from '@/api/hand'
import type { Finding } from '@/api/types'
import { Button } from '@/parts/Button'

type Props = { finding: Finding; rule: string; mend: () => void; accept: () => void }

const LOOKS = {
  error: { mark: '▲', word: 'Error', tone: 'text-rose', border: 'border-rose' },
  warning: { mark: '▲', word: 'Warning', tone: 'text-sodium', border: 'border-sodium' },
  note: { mark: '○', word: 'Note', tone: 'text-muted', border: 'border-line' },
}

/** One finding: what, in which state, why it matters, and what can be done. */
export function FindingRow({ finding, rule, mend, accept }: Props) {
  const look = LOOKS[finding.severity]
  const { hand: state } = finding
  return (
    <li data-finding={finding.rule} className={`rounded-lg border bg-raised px-3 py-2 ${look.border}`}>
      <div className="flex flex-wrap items-start gap-x-3 gap-y-2">
        <span className={`w-20 shrink-0 ${look.tone}`}>
          {look.mark} {look.word}
        </span>
        <div className="min-w-64 flex-1">
          <p>{finding.says}</p>
          <p className="text-muted text-sm">
            {state && <span className="text-ink">{finding.state}. </span>}
            {rule}
          </p>
        </div>
        <span className="flex shrink-0 gap-1.5">
          {state && <Button onClick={() => hand.go(state)}>Show on transmitter</Button>}
          {finding.mend && (
            <Button look="main" onClick={mend}>
              Fix
            </Button>
          )}
          <Button look="bare" onClick={accept}>
            Accept…
          </Button>
        </span>
      </div>
    </li>
  )
}
