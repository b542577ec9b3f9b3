import { useEffect, useState } from 'react'
import { data, POST } from '@/api/client'
import { useJob } from '@/api/jobs'
import { said } from '@/api/proposals'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { JobBar } from '@/parts/JobBar'

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
      {state?.state === 'done' && (
        <p>
          ✓ The backup is ready.{' '}
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
