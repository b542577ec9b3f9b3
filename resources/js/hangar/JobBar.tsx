import type { Job } from '@/api/types'

/** How far a job has come. */
export function JobBar({ says, job }: { says: string; job: Job | undefined }) {
  const { done = 0, total = 0 } = job ?? {}
  return (
    <div>
      <p role="status">◌ {says}</p>
      <progress
        aria-label={says}
        className="mt-2 h-2 w-full accent-sodium"
        {...(total > 0 ? { value: done, max: total } : {})}
      />
    </div>
  )
}
