import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { data, POST } from '@/api/client'
import { useJob } from '@/api/jobs'
import { said } from '@/api/proposals'
import type { Job } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { JobBar } from '@/parts/JobBar'
import { capital } from '@/parts/words'

type Preview = NonNullable<Job['result']>
type Standing = Preview['aircraft'][number]['is']

const SAYS: Record<Standing, string> = {
  new: '+ New',
  newer: '↑ Newer in the backup',
  same: '✓ Same',
  older: '↓ Newer here',
  conflict: '▲ Different on both sides: both are kept',
}
const SHOWN: Standing[] = ['new', 'newer', 'conflict', 'older', 'same']

/** More than this a browser doesn't carry; the command reads it where it lies. */
const MOST_BYTES = 1_500_000_000
const TOO_LARGE =
  'This is more than a browser can carry. Restore it by the command that reads it where it lies:\n./dusk restore FILE'

/** What a backup would bring, and how it comes in: beside what is here, or in its place. */
export function RestoreDialog({ file, onClose: close }: { file: File; onClose: () => void }) {
  const [job, setJob] = useState<string | null>(null)
  const [how, setHow] = useState<'merge' | 'replace' | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const [preview, setPreview] = useState<Preview | null>(null)
  const { data: state } = useJob(job, how === null ? 0 : 1)
  const client = useQueryClient()

  // In the place of what was here: nothing that this page holds is true any more.
  const onClose = () => (how === 'replace' && state?.state === 'done' ? window.location.assign('/') : close())
  const tooLarge = file.size > MOST_BYTES
  useEffect(() => {
    if (tooLarge) return
    let here = true
    const body = file as never
    const sent = POST('/api/restore', {
      body,
      bodySerializer: () => file,
      headers: { 'Content-Type': 'application/zip' },
    })
    data(sent).then(
      (made) => here && setJob(made.job),
      (error) => here && setProblem(said(error)),
    )
    return () => {
      here = false
    }
  }, [file, tooLarge])
  useEffect(() => {
    if (how === null && state?.result) setPreview(state.result)
  }, [how, state])

  const restored = how !== null && state?.state === 'done'
  useEffect(() => {
    if (restored) void client.invalidateQueries()
  }, [restored, client])

  const run = async (way: 'merge' | 'replace') => {
    if (job === null) return
    try {
      await data(POST('/api/restore/{job}', { params: { path: { job } }, body: { how: way } }))
      setHow(way)
    } catch (error) {
      setProblem(said(error))
    }
  }
  const failed = (tooLarge ? TOO_LARGE : null) ?? problem ?? (state?.state === 'failed' ? state.says : null)
  const choosing = preview !== null && how === null && !failed
  return (
    <Dialog
      open
      title={`Restore ${file.name}`}
      says="What is here now is backed up first, whichever way you choose."
      onClose={onClose}
      foot={
        choosing ? (
          <>
            <Button onClick={onClose}>Cancel</Button>
            <Button onClick={() => void run('replace')}>Replace everything</Button>
            <Button look="main" onClick={() => void run('merge')}>
              Merge
            </Button>
          </>
        ) : (
          <Button onClick={onClose}>Close</Button>
        )
      }
    >
      {failed && (
        <p role="alert" className="whitespace-pre-line text-rose">
          ▲ {failed}
        </p>
      )}
      {!failed && preview === null && <JobBar says="Checking the file…" id={job} job={state} />}
      {!failed && how !== null && !restored && <JobBar says="Restoring…" id={job} job={state} />}
      {restored && (
        <p role="status">
          ✓ Restored.{' '}
          {state?.says
            ? `What was here before is in the folder “backups” beside the database, as ${state.says}.`
            : '▲ A backup of what was here before couldn’t be written yet; the next start tries again.'}
        </p>
      )}
      {choosing && <Contents preview={preview} />}
    </Dialog>
  )
}

function Contents({ preview }: { preview: Preview }) {
  const kinds = [
    { title: 'Aircraft', all: preview.aircraft },
    { title: 'Equipment of your own', all: preview.equipment },
  ]
  return (
    <div className="space-y-4" data-restore-preview>
      {kinds.map(({ title, all }) => (
        <section key={title}>
          <h3 className="font-semibold">{title}</h3>
          {all.length === 0 && <p className="text-muted">None.</p>}
          {SHOWN.map((standing) => {
            const names = all.filter((one) => one.is === standing).map((one) => one.name)
            return (
              names.length > 0 && (
                <p key={standing} data-standing={standing}>
                  <span className={standing === 'conflict' ? 'text-sodium' : 'text-muted'}>
                    {SAYS[standing]} ({names.length}):
                  </span>{' '}
                  {names.join(', ')}
                </p>
              )
            )
          })}
        </section>
      ))}
      <section>
        <h3 className="font-semibold">Logbook, notes and what was done</h3>
        <table className="mt-1 text-sm">
          <tbody>
            {preview.logbook.map((one) => (
              <tr key={one.what} data-tally={one.what}>
                <th scope="row" className="pr-4 text-left font-normal text-muted">
                  {capital(one.what)}
                </th>
                <td className={one.both > 0 ? 'text-sodium' : ''}>{one.says}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      {preview.gone.length > 0 && (
        <p className="text-sodium text-sm">▲ Replacing takes away what is only here: {preview.gone.join(', ')}.</p>
      )}
    </div>
  )
}
