import { useEffect, useState } from 'react'
import { data, POST } from '@/api/client'
import { useJob } from '@/api/jobs'
import { said } from '@/api/proposals'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { JobBar } from '@/parts/JobBar'

/** More than this a browser doesn't carry. */
const MOST_BYTES = 1_500_000_000
const KILO = 1e3
const MEGA = 1e6

const sizeOf = (bytes: number) =>
  bytes < MEGA ? `${Math.ceil(bytes / KILO)} kB` : `${(bytes / MEGA).toFixed(bytes < 10 * MEGA ? 1 : 0)} MB`

/** Makes a backup of everything, and gives it out. */
export function BackUp({ onClose }: { onClose: () => void }) {
  const [job, setJob] = useState<string | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const { data: state } = useJob(job)

  useEffect(() => {
    let here = true
    data(POST('/api/backup')).then(
      (made) => here && setJob(made.job),
      (error) => here && setProblem(said(error)),
    )
    return () => {
      here = false
    }
  }, [])

  const bytes = state?.took?.bytes ?? 0
  const size = bytes > 0 ? sizeOf(bytes) : null
  const failed = problem ?? (state?.state === 'failed' ? state.says : null)
  return (
    <Dialog
      open
      title="Back up everything"
      says="Aircraft with every revision, equipment, records and settings, in one ZIP file of open documents."
      onClose={onClose}
      foot={<Button onClick={onClose}>Close</Button>}
    >
      {failed && (
        <p role="alert" className="text-rose">
          ▲ {failed}
        </p>
      )}
      {!failed && state?.state !== 'done' && <JobBar says="Backing up…" id={job} job={state} />}
      {state?.state === 'done' && state.says && <p className="mb-2 text-sodium">▲ {state.says}.</p>}
      {state?.state === 'done' && bytes > MOST_BYTES && (
        <p className="text-sodium">
          ▲ It has {size}: more than a browser can carry. Make it where you want it with{' '}
          <code className="figures">./dusk backup FILE</code>, and restore it with{' '}
          <code className="figures">./dusk restore FILE</code>.
        </p>
      )}
      {state?.state === 'done' && bytes <= MOST_BYTES && (
        <p>
          ✓ The backup is ready{size === null ? '' : ` (${size})`}.{' '}
          <a
            href={`/api/jobs/${job}/backup.zip`}
            download
            className="ml-2 inline-flex min-h-9 items-center rounded-lg bg-ember px-4 font-semibold text-onember"
          >
            Save the file
          </a>
        </p>
      )}
    </Dialog>
  )
}
