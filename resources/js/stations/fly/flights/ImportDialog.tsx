import { useEffect, useRef, useState } from 'react'
import { stopJob, useJob } from '@/api/jobs'
import { sendRecording } from '@/api/logbook'
import { said } from '@/api/proposals'
import type { Aircraft } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { JobBar } from '@/parts/JobBar'

type Props = { file: File; aircraft: Aircraft | null; onClose: () => void; onDone: (flights: number[]) => void }

/** Takes a recording in; stopped or refused, nothing of it stays. */
export function ImportDialog({ file, aircraft, onClose, onDone }: Props) {
  const [job, setJob] = useState<string | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const { data: state } = useJob(job)
  const done = useRef(onDone)
  done.current = onDone
  useEffect(() => {
    let here = true
    sendRecording(file, aircraft?.id).then(
      (made) => here && setJob(made.job),
      (error) => here && setProblem(said(error)),
    )
    return () => {
      here = false
    }
  }, [file, aircraft?.id])
  useEffect(() => {
    if (state?.state === 'done') done.current(state.took?.flights ?? [])
  }, [state])
  const failed = problem ?? (state?.state === 'failed' ? state.says : null)
  const close = () => {
    if (job !== null && state?.state === 'running') void stopJob(job)
    onClose()
  }
  return (
    <Dialog
      open
      title={`Import ${file.name}`}
      onClose={close}
      foot={<Button onClick={close}>{failed ? 'Close' : 'Cancel'}</Button>}
    >
      {failed ? (
        <p role="alert" className="whitespace-pre-line text-rose">
          ▲ {failed}
        </p>
      ) : (
        <JobBar says="Reading the recording…" id={job} job={state} />
      )}
    </Dialog>
  )
}
