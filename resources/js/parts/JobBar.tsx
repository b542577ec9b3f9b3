import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { runAgain, stopJob } from '@/api/jobs'
import type { Job } from '@/api/types'
import { Button } from '@/parts/Button'

/** How far a job has come, and a way to stop it. */
export function JobBar({ says, id, job }: { says: string; id: string | null; job: Job | undefined }) {
  const [stopping, setStopping] = useState(false)
  const { done = 0, total = 0 } = job ?? {}
  const waits = job?.state === 'queued' && (job.place ?? 0) > 0
  const stop = (which: string) => {
    setStopping(true)
    stopJob(which).catch(() => setStopping(false))
  }
  const client = useQueryClient()
  if (id !== null && job?.state === 'interrupted') {
    return (
      <div className="flex items-center gap-3" data-interrupted>
        <p role="alert" className="min-w-0 flex-1 text-sodium">
          ▲ {job.says}
        </p>
        <Button onClick={() => void runAgain(id).then(() => client.invalidateQueries({ queryKey: ['job', id] }))}>
          Run it again
        </Button>
      </div>
    )
  }
  return (
    <div>
      <p role="status" data-place={waits ? job?.place : undefined}>
        ◌ {stopping ? 'Stopping…' : waits ? `Waiting for its turn: number ${job?.place} in the queue` : says}
      </p>
      <div className="mt-2 flex items-center gap-3">
        <progress
          aria-label={says}
          className="h-2 min-w-0 flex-1 appearance-none overflow-hidden rounded bg-line [&::-moz-progress-bar]:bg-teal [&::-webkit-progress-bar]:bg-line [&::-webkit-progress-value]:bg-teal"
          {...(total > 0 ? { value: done, max: total } : {})}
        />
        <Button disabled={id === null || stopping} onClick={() => id !== null && stop(id)}>
          Stop
        </Button>
      </div>
    </div>
  )
}
