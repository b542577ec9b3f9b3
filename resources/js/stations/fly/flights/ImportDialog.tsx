import { useEffect, useRef, useState } from 'react'
import { goesOn, hasFailed, stopJob, useJob } from '@/api/jobs'
import { sendRecording } from '@/api/logbook'
import { said } from '@/api/proposals'
import type { Aircraft } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { JobBar } from '@/parts/JobBar'

type Taken = { name: string; flights: number[]; problem: string | null }
type Props = { files: File[]; aircraft: Aircraft | null; onClose: () => void; onDone: (flights: number[]) => void }

/** Takes recordings in, one after the other; of one that is stopped or refused nothing stays. */
export function ImportDialog({ files, aircraft, onClose, onDone }: Props) {
  const [taken, setTaken] = useState<Taken[]>([])
  const [job, setJob] = useState<string | null>(null)
  const { data: state } = useJob(job)
  const told = useRef<string | null>(null)
  const ended = useRef(onDone)
  ended.current = onDone
  const file = files[taken.length]
  useEffect(() => {
    if (!file) return
    let here = true
    setJob(null)
    sendRecording(file, aircraft?.id).then(
      (made) => here && setJob(made.job),
      (error) => here && setTaken((before) => [...before, { name: file.name, flights: [], problem: said(error) }]),
    )
    return () => {
      here = false
    }
  }, [file, aircraft?.id])
  useEffect(() => {
    if (!file || job === null || job === told.current || !state || goesOn(state)) return
    told.current = job
    const flights = state.took?.flights ?? []
    const problem = hasFailed(state) ? state.says : null
    setTaken((before) => [...before, { name: file.name, flights, problem }])
    // Where there is nothing to read, nobody has to close it.
    if (problem === null && files.length === 1) ended.current(flights)
  }, [state, job, file, files.length])
  const all = taken.flatMap((one) => one.flights)
  const isAll = file === undefined
  const close = () => {
    if (job !== null && goesOn(state)) void stopJob(job)
    if (all.length > 0) onDone(all)
    else onClose()
  }
  return (
    <Dialog
      open
      title={files.length === 1 ? `Import ${files[0]?.name}` : `Import ${files.length} recordings`}
      onClose={close}
      foot={<Button onClick={close}>{isAll ? 'Close' : 'Cancel'}</Button>}
    >
      <ul className="grid max-h-72 gap-1 overflow-auto">
        {taken.map((one, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two files may have the same name, and none is moved
          <li key={at} data-imported={one.name}>
            {one.problem === null ? (
              <p>
                <span className="text-teal">✓</span> {one.name}: {one.flights.length}{' '}
                {one.flights.length === 1 ? 'flight' : 'flights'}
              </p>
            ) : (
              <p role="alert" className="whitespace-pre-line text-rose">
                ▲ {files.length > 1 && `${one.name}: `}
                {one.problem}
              </p>
            )}
          </li>
        ))}
      </ul>
      {file && (
        <div className={taken.length > 0 ? 'mt-3' : ''}>
          <JobBar
            key={taken.length}
            says={files.length === 1 ? 'Reading the recording…' : `Reading ${file.name}…`}
            id={job}
            job={state}
          />
        </div>
      )}
    </Dialog>
  )
}
