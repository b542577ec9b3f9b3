import type { ReactNode } from 'react'
import type { Proposal } from '@/api/types'
import { Pulses } from './Pulses'
import { Scroller } from './Scroller'

type Props = { proposal: Proposal | null; problem: string | null; nothing?: string; children?: ReactNode }

/** What an edit would change, what to know before taking it, or why it can't be. */
export function Proposed({ proposal, problem, nothing = 'This changes nothing.', children }: Props) {
  if (problem) {
    return (
      <p role="alert" className="whitespace-pre-line rounded-lg border border-rose bg-rose/10 px-3 py-2 text-sm">
        <span className="text-rose">▲</span> {problem}
      </p>
    )
  }
  if (!proposal) return <p className="text-muted text-sm">◌ Looking…</p>
  return (
    <div className="grid gap-2 text-sm">
      {proposal.notes.length > 0 && (
        <ul data-notes className="rounded-lg border border-sodium px-3 py-2">
          {proposal.notes.map((note) => (
            <li key={note}>
              <span className="text-sodium">▲</span> {note}
            </li>
          ))}
        </ul>
      )}
      {children}
      {proposal.changes.length === 0 ? (
        <p className="text-muted">{nothing}</p>
      ) : (
        <Scroller label="What changes" className="max-h-48 overflow-auto rounded-lg border border-line px-3 py-2">
          <ul data-changes>
            {proposal.changes.map((change) => (
              <li key={change}>{change}</li>
            ))}
          </ul>
        </Scroller>
      )}
      {proposal.pulses.length > 0 && <Pulses pulses={proposal.pulses} />}
    </div>
  )
}
