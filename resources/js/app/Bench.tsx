import { useEffect } from 'react'
import { Link, Outlet, useParams } from 'react-router'
import { Refusal } from '@/api/client'
import { useAircraft } from '@/api/queries'
import type { Broken } from '@/api/types'
import { useWorkbench, workbench } from '@/api/workbench'
import { Dock } from '@/handheld/Dock'
import { ConflictDialog } from './ConflictDialog'
import { Header } from './Header'
import { Repair } from './Repair'

/** What is wrong with a program that is kept but can’t run. */
const brokenOf = (error: Error | null): Broken | null =>
  error instanceof Refusal && 'earlier' in error.problem ? error.problem : null

/** One aircraft on the bench: its header, the station, the handheld. */
export default function Bench() {
  const id = Number(useParams().id)
  const query = useAircraft(id)
  const { aircraft } = useWorkbench('aircraft')

  useEffect(() => {
    workbench.open(id)
    const save = () => void workbench.flush()
    // Sent off where that is possible; where not it lies on this device.
    window.addEventListener('pagehide', save)
    return () => {
      window.removeEventListener('pagehide', save)
      workbench.close()
    }
  }, [id])

  const broken = brokenOf(query.error)
  if (broken) return <Repair key={broken.revision} broken={broken} />
  if (query.isError && aircraft?.id !== id) {
    return (
      <main className="m-auto max-w-md p-6">
        <h1 className="font-semibold text-xl">▲ This aircraft can’t be opened</h1>
        <p className="mt-1 text-muted">{query.error.message}</p>
        <Link to="/" className="mt-4 inline-block text-sodium underline">
          Go to the hangar
        </Link>
      </main>
    )
  }
  if (aircraft?.id !== id) return <p className="m-auto text-muted">Opening…</p>
  return (
    <>
      <Header aircraft={aircraft} />
      <main className="min-h-0 flex-1">
        <Outlet />
      </main>
      <Dock key={aircraft.transmitter} aircraft={aircraft} />
      <ConflictDialog />
    </>
  )
}
