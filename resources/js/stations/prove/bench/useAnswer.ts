import { useState } from 'react'
import { said } from '@/api/proposals'
import type { Program, Proposal } from '@/api/types'
import { workbench } from '@/api/workbench'

/** Asks a solver about the present draft, and holds what it says. */
export function useAnswer() {
  const [proposal, setProposal] = useState<Proposal | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const clear = () => {
    setProposal(null)
    setProblem(null)
  }
  const ask = (what: (document: Program) => Promise<Proposal>) => {
    const { document } = workbench.state
    clear()
    if (document) what(document).then(setProposal, (error) => setProblem(said(error)))
  }
  return { proposal, problem, ask, clear }
}
