import type { Aboard, Finding } from '@/api/types'
import { workbench } from '@/api/workbench'

/** Edits of what is decided about the kit. */
export function changeAboard(change: (aboard: Aboard) => Aboard, note: string) {
  workbench.edit((document) => ({ ...document, aboard: change(document.aboard ?? {}) }), note)
}

export const accept = (finding: Finding, reason: string) =>
  changeAboard(
    (aboard) => ({ ...aboard, accepted: [...(aboard.accepted ?? []), { finding: finding.key, reason }] }),
    `Accepted: ${finding.rule}`,
  )

export const openAgain = (finding: Finding) =>
  changeAboard(
    (aboard) => ({ ...aboard, accepted: (aboard.accepted ?? []).filter((one) => one.finding !== finding.key) }),
    `Opened again: ${finding.rule}`,
  )
