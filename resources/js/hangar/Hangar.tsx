import { useQueryClient } from '@tanstack/react-query'
import { FileInput, Plus } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { Refusal } from '@/api/client'
import { useHangar, useImport, useLeftDrafts, useReadinessOfAll } from '@/api/queries'
import type { AircraftRow, Differing, Problem } from '@/api/types'
import { workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Dialog } from '@/parts/Dialog'
import { AircraftCard } from './AircraftCard'
import { Decide, type Decision } from './Decide'
import { FormerDrafts } from './FormerDrafts'
import { Keeping } from './Keeping'
import { NewAircraft } from './NewAircraft'

type Sort = {
  id: string
  name: string
  by: (a: AircraftRow, b: AircraftRow, left: (one: AircraftRow) => number) => number
}

// "Wing 2" before "Wing 10".
const byName = (a: AircraftRow, b: AircraftRow) => a.name.localeCompare(b.name, 'en', { numeric: true })

const ORDERS = [
  { id: 'name', name: 'By name', by: byName },
  { id: 'saved', name: 'Last edited first', by: (a, b) => b.savedAt.localeCompare(a.savedAt) || byName(a, b) },
  { id: 'left', name: 'Nearest to ready first', by: (a, b, left) => left(a) - left(b) || byName(a, b) },
  { id: 'family', name: 'By family', by: (a, b) => a.familyTitle.localeCompare(b.familyTitle) || byName(a, b) },
] as const satisfies Sort[]

type Order = (typeof ORDERS)[number]['id']

type Incoming = { file: string; text: string }

/** All aircraft. */
export function Hangar() {
  const { data, error, isPending } = useHangar()
  const { data: left } = useLeftDrafts()
  const { data: standings } = useReadinessOfAll()
  const [find, setFind] = useState('')
  const [order, setOrder] = useState<Order>('name')
  const [making, setMaking] = useState(false)
  const [refused, setRefused] = useState<{ file: string; problem: Problem } | null>(null)
  const file = useRef<HTMLInputElement>(null)
  const navigate = useNavigate()
  const importing = useImport()
  const client = useQueryClient()
  const [incoming, setIncoming] = useState<(Incoming & { differing: Differing['differing'] }) | null>(null)

  useEffect(() => workbench.close(), [])

  const take = async (picked: File | undefined) => {
    if (picked) send({ file: picked.name, text: await picked.text() })
  }
  const send = (what: Incoming, decisions?: Decision[]) => {
    setIncoming(null)
    importing.mutate(decisions ? { text: what.text, decisions } : { text: what.text }, {
      onSuccess: (aircraft) => {
        void client.invalidateQueries({ queryKey: ['stores'] })
        navigate(`/aircraft/${aircraft.id}/program`)
      },
      onError: (problem) => {
        const found = problem instanceof Refusal ? problem.problem : { message: problem.message, faults: [] }
        if ('differing' in found) setIncoming({ ...what, differing: found.differing })
        else setRefused({ file: what.file, problem: found as Problem })
      },
    })
  }

  const remaining = (one: AircraftRow) => {
    const standing = standings?.get(one.id)
    return standing ? standing.all - standing.settled : 99
  }
  const sort: Sort = ORDERS.find((one) => one.id === order) ?? ORDERS[0]
  const wanted = find.trim().toLowerCase()
  const shown = (data?.aircraft ?? [])
    .filter((one) =>
      [one.name, one.familyTitle, one.transmitterName].some((text) => text.toLowerCase().includes(wanted)),
    )
    .sort((a, b) => sort.by(a, b, remaining))

  return (
    <main
      className="flex-1 overflow-auto px-4 py-5 md:px-8"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault()
        void take(event.dataTransfer.files[0])
      }}
    >
      <div className="mx-auto max-w-6xl">
        <div className="flex flex-wrap items-end gap-3">
          <div className="min-w-0 flex-1 max-md:basis-full">
            <h1 className="font-semibold text-2xl">Hangar</h1>
            <p className="text-muted">Plan a program, prove it safe, hear it, then fly it.</p>
          </div>
          <Button onClick={() => file.current?.click()}>
            <FileInput size={16} aria-hidden /> Import
          </Button>
          <Button look="main" onClick={() => setMaking(true)}>
            <Plus size={16} aria-hidden /> New aircraft
          </Button>
          <input
            ref={file}
            type="file"
            accept=".json,application/json"
            aria-label="Program file to import"
            className="hidden"
            onChange={(event) => {
              void take(event.target.files?.[0])
              event.target.value = ''
            }}
          />
          <Keeping />
        </div>

        <FormerDrafts />

        {isPending && <p className="mt-10 text-muted">Loading…</p>}
        {error && (
          <p role="alert" className="mt-10 text-rose">
            ▲ {error.message}
          </p>
        )}
        {data?.aircraft.length === 0 && (
          <div className="mt-16 text-center">
            <p className="text-lg">The hangar is empty.</p>
            <p className="mt-1 text-muted">Make an aircraft from its family, or drop a program file here.</p>
          </div>
        )}
        {(data?.aircraft.length ?? 0) > 1 && (
          <search className="mt-5 flex flex-wrap items-center gap-2">
            <input
              type="search"
              aria-label="Find an aircraft"
              placeholder="Find by name, family or transmitter"
              value={find}
              onChange={(event) => setFind(event.target.value)}
              className="h-11 min-w-56 flex-1 rounded-lg border border-line bg-deep px-3 md:h-9 md:max-w-80"
            />
            <div className="w-44">
              <Choice
                label="Order"
                value={order}
                options={ORDERS.map(({ id, name }) => ({ id, name }))}
                onChange={(to) => setOrder(to as Order)}
              />
            </div>
            <p role="status" className="text-muted text-sm">
              {find && `${shown.length} of ${data?.aircraft.length}`}
            </p>
          </search>
        )}
        <ul className="mt-4 grid grid-cols-1 gap-3 md:grid-cols-2 xl:grid-cols-3">
          {shown.map((one) => (
            <AircraftCard
              key={one.id}
              aircraft={one}
              left={left?.has(one.id) ?? false}
              standing={standings?.get(one.id)}
            />
          ))}
        </ul>
        {wanted && shown.length === 0 && (
          <p className="mt-4 text-muted">
            Nothing by that name. Search for a part of a name, a family or a transmitter.
          </p>
        )}
        <p className="mt-8 max-w-3xl text-muted text-sm">
          Dusk Switch plans and checks; it decides nothing legal. Local rules and club rules come first, and nothing
          replaces someone beside you who can fly it.
        </p>
      </div>
      {incoming && (
        <Decide
          file={incoming.file}
          differing={incoming.differing}
          onDecide={(decisions) => send(incoming, decisions)}
          onClose={() => setIncoming(null)}
        />
      )}
      <NewAircraft open={making} onClose={() => setMaking(false)} />
      <Dialog
        open={refused !== null}
        title={`${refused?.file} wasn’t imported`}
        says={
          refused && refused.problem.faults.length > 1
            ? refused.problem.message
            : 'Nothing was changed. Fix this first:'
        }
        onClose={() => setRefused(null)}
      >
        <ul className="space-y-2">
          {(refused?.problem.faults.length
            ? refused.problem.faults
            : [{ path: '', says: refused?.problem.message ?? '' }]
          ).map((fault) => (
            <li key={fault.path + fault.says}>
              {fault.path && <code className="figures block break-all text-sodium text-sm">{fault.path}</code>}
              {fault.says}
            </li>
          ))}
        </ul>
        <Button className="mt-4" onClick={() => setRefused(null)}>
          Close
        </Button>
      </Dialog>
    </main>
  )
}
