import { Download } from 'lucide-react'
import { POST } from '@/api/client'
import type { Plan } from '@/api/rehearsal'
import type { Flown, Program } from '@/api/types'
import { Button } from '@/parts/Button'
import { download } from '@/parts/download'
import { tell } from '@/parts/toast'

/** The flight as open files: the rehearsal as JSON, its GPS as NMEA 0183. */
export function TakeAway({ document, plan, flown }: { document: Program; plan: Plan; flown: Flown }) {
  const json = () =>
    download(new Blob([JSON.stringify(flown)], { type: 'application/json' }), `${document.name}-rehearsal.json`)
  const nmea = async () => {
    const answer = await POST('/api/rehearsal/nmea', { body: { document, ...plan }, parseAs: 'text' }).catch(() => null)
    const text = answer?.data as unknown as string | undefined
    if (!answer?.response.ok || !text) {
      const faults = answer?.error && 'faults' in answer.error ? answer.error.faults : []
      tell(faults[0]?.says ?? 'The flight could not be written.', { kind: 'problem' })
      return
    }
    download(new Blob([text], { type: 'text/plain' }), `${document.name}-rehearsal.nmea`)
  }
  return (
    <p className="mt-3 flex flex-wrap gap-2">
      <Button look="bare" onClick={json}>
        <Download size={15} aria-hidden /> JSON
      </Button>
      <Button look="bare" onClick={() => void nmea()}>
        <Download size={15} aria-hidden /> GPS as NMEA
      </Button>
    </p>
  )
}
