import { practice } from '@/api/proposals'
import type { Practice, Program } from '@/api/types'
import { workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { tell } from '@/parts/toast'

/** Lets the stand-in answer instead of the aircraft. */
export function Practise({ step, take }: { step: string; take: (told: Practice) => void }) {
  const ask = (document: Program) =>
    practice(document).then(take, () => tell('The stand-in doesn’t answer.', { kind: 'problem' }))
  return (
    <Button
      look="bare"
      aria-label={`Practise: let the stand-in answer for ${step}`}
      onClick={() => workbench.state.document && void ask(workbench.state.document)}
    >
      Practise: let the stand-in answer
    </Button>
  )
}
