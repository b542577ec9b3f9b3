import { useState } from 'react'
import { proving, useProof } from '@/api/proof'
import { propose } from '@/api/proposals'
import type { Finding } from '@/api/types'
import { Button } from '@/parts/Button'
import { ProposalDialog } from '@/parts/ProposalDialog'
import { Working } from '@/parts/Working'
import { openAgain } from '../aboard'
import { Unproven } from '../Unproven'
import type { View } from '../views'
import { AcceptDialog } from './AcceptDialog'
import { FindingRow } from './FindingRow'
import { Rules } from './Rules'

/** What the proof found, the worst first, each with its state, its mend, or a reason to live with it. */
export function FindingsView({ aircraft, document }: View) {
  const { proof, busy } = useProof()
  const [mending, setMending] = useState<Finding | null>(null)
  const [accepting, setAccepting] = useState<Finding | null>(null)
  if (!proof) return <Unproven />
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <p className="text-muted text-sm">
        {busy && <Working says="Proving again…" stop={proving.stop} from={1} />}{' '}
        {proof.states === 1 ? 'One switch position' : `${proof.states} switch positions`}; sticks, dials, sliders and
        trims anywhere between their ends. The proof decides nothing legal: local rules and club rules come first.
      </p>
      {aircraft.migrated && (
        <p className="mt-3 rounded-lg border border-sodium p-3">
          ▲ This program didn’t say what its functions, steps and channels are for, as it’s of the first version. That
          was derived from its controls and names. Look at Purpose, Means and Moves in the loom; your next change keeps
          them.
        </p>
      )}
      {!proof.complete && (
        <p className="mt-3 rounded-lg border border-sodium p-4 text-sodium">
          ◌ Not every rule could be checked: see below what is missing. Until then it isn’t proven safe.
        </p>
      )}
      {proof.complete && proof.findings.length === 0 && (
        <p className="mt-3 rounded-lg border border-line p-4 text-teal">
          ✓ Nothing found: every rule holds in every position.
        </p>
      )}
      <ol aria-label="Findings" className="mt-3 grid gap-1.5">
        {proof.findings.map((finding) => (
          <FindingRow
            key={finding.key}
            finding={finding}
            rule={proof.rules.find((one) => one.rule === finding.rule)?.says ?? ''}
            mend={() => setMending(finding)}
            accept={() => setAccepting(finding)}
          />
        ))}
      </ol>
      {proof.accepted.length > 0 && (
        <section aria-label="Accepted" className="mt-4">
          <h2 className="text-muted text-sm">Accepted with a reason. It comes back when the program changes it.</h2>
          <ul className="mt-1 grid gap-1">
            {proof.accepted.map((finding) => (
              <li
                key={finding.key}
                data-accepted={finding.rule}
                className="flex items-center gap-3 rounded-lg border border-line px-3 py-1 text-sm"
              >
                <span className="min-w-0 flex-1">
                  <span className="text-muted">◇ {finding.says}</span>
                  <span className="block">“{finding.reason}”</span>
                </span>
                <Button onClick={() => openAgain(finding)}>Open again</Button>
              </li>
            ))}
          </ul>
        </section>
      )}
      <Rules rules={proof.rules} />
      {mending && (
        <ProposalDialog
          title="Fix"
          says={mending.mend ?? ''}
          ask={() => propose.mend(document, mending.key)}
          note={`Fixed: ${mending.mend}`}
          onClose={() => setMending(null)}
        />
      )}
      {accepting && <AcceptDialog finding={accepting} onClose={() => setAccepting(null)} />}
    </div>
  )
}
