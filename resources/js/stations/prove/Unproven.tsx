import { proving, useProof } from '@/api/proof'
import { Button } from '@/parts/Button'
import { Working } from '@/parts/Working'

/** In place of what a proof gives: that it goes on, or that the pilot stopped it. */
export function Unproven() {
  const { stopped } = useProof()
  return (
    <div className="p-6">
      {stopped ? (
        <p className="flex flex-wrap items-center gap-3 text-sodium">
          ◌ Not proven: you stopped it. <Button onClick={proving.again}>Prove it</Button>
        </p>
      ) : (
        <Working says="Proving every switch position…" stop={proving.stop} />
      )}
    </div>
  )
}
