import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { data, POST } from '@/api/client'
import { keyOf } from '@/api/draft'
import { said } from '@/api/proposals'
import type { Broken } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice, type Option } from '@/parts/Choice'
import { clock, day } from '@/parts/words'

type Move = { from: string; to: string }
type Preview = { controls: (Move & { name: string })[]; choices: Option[]; losses: string[] }

const SHOWN = 5

/**
 * A program whose transmitter is gone, or isn't what it was: what is missing, and what can be done. Nothing of
 * it is lost.
 */
export function Repair({ broken }: { broken: Broken }) {
  const { id, revision, transmitter, transmitterIsThere, earlier, choices } = broken
  const [to, setTo] = useState(transmitterIsThere ? transmitter : '')
  const [wanted, setWanted] = useState<Move[]>([])
  const [preview, setPreview] = useState<Preview | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const [asked, setAsked] = useState(false)
  const client = useQueryClient()
  const navigate = useNavigate()
  const path = { params: { path: { id } } }

  useEffect(() => {
    let here = true
    setProblem(null)
    if (to === '') return
    const body = { base: revision, transmitter: to, controls: wanted, dry: true }
    data(POST('/api/aircraft/{id}/repair', { params: { path: { id } }, body })).then(
      (answer) => here && setPreview(answer as Preview),
      (error) => here && setProblem(said(error)),
    )
    return () => {
      here = false
    }
  }, [id, revision, to, wanted])

  const run = async (what: () => Promise<unknown>) => {
    setAsked(true)
    try {
      await what()
      await client.resetQueries({ queryKey: keyOf(id) })
      navigate(`/aircraft/${id}`)
    } catch (error) {
      setProblem(said(error))
    }
    setAsked(false)
  }
  const move = () =>
    run(() =>
      data(POST('/api/aircraft/{id}/repair', { ...path, body: { base: revision, transmitter: to, controls: wanted } })),
    )
  const bring = (number: number) =>
    run(() =>
      data(
        POST('/api/stores/{kind}/{id}/restore', {
          params: { path: { kind: 'transmitters', id: transmitter } },
          body: { revision: number },
        }),
      ),
    )
  const undo = () => run(() => data(POST('/api/aircraft/{id}/undo', { ...path, body: { base: revision } })))

  return (
    <main className="mx-auto w-full max-w-3xl flex-1 overflow-auto p-6">
      <h1 className="font-semibold text-xl">▲ {broken.name} can’t run as it is</h1>
      <p className="mt-1 text-muted">
        Something that it needs has changed, or is gone. Nothing of it is lost; choose how to go on.
      </p>
      <ul className="mt-4 space-y-1 rounded-xl border border-rose px-4 py-3">
        {broken.faults.slice(0, SHOWN).map((fault) => (
          <li key={fault.path + fault.says}>
            {fault.path && <code className="figures break-all text-sodium text-sm">{fault.path}: </code>}
            {fault.says}
          </li>
        ))}
        {broken.faults.length > SHOWN && <li className="text-muted">and {broken.faults.length - SHOWN} more</li>}
      </ul>

      {earlier.length > 0 && (
        <section className="mt-6">
          <h2 className="font-semibold">Restore the earlier definition</h2>
          <p className="text-muted text-sm">
            The transmitter as it was when this program ran; its later changes stay in its history.
          </p>
          <ul className="mt-2 space-y-2">
            {earlier.slice(0, SHOWN).map((one) => (
              <li key={one.revision} className="flex items-center gap-3">
                <Button disabled={asked} onClick={() => void bring(one.revision)}>
                  Restore revision {one.revision}
                </Button>
                <span className="text-muted text-sm">
                  {day(one.savedAt)}, {clock(one.savedAt)}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}

      <section className="mt-6">
        <h2 className="font-semibold">Move it to a transmitter</h2>
        <p className="text-muted text-sm">
          Each control goes to the one that is most like it; choose another where you like. It is a revision like any
          other.
        </p>
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <Choice
            id="repair-to"
            label="Transmitter"
            value={to}
            options={choices}
            onChange={(chosen) => {
              setWanted([])
              setPreview(null)
              setTo(chosen)
            }}
          />
          <Button look="main" disabled={asked || preview === null} onClick={() => void move()}>
            Move
          </Button>
        </div>
        {preview && (
          <ul className="mt-3 space-y-1 text-sm" data-preview>
            {preview.controls.map((one) => (
              <li key={one.from} className="flex flex-wrap items-center gap-2">
                <span className="min-w-40">{one.name} →</span>
                <span className="w-60">
                  <Choice
                    label={`${one.name} goes to`}
                    value={one.to}
                    options={preview.choices}
                    onChange={(control) =>
                      setWanted([...wanted.filter((other) => other.from !== one.from), { from: one.from, to: control }])
                    }
                  />
                </span>
              </li>
            ))}
            {preview.losses.map((one) => (
              <li key={one} className="text-sodium">
                ▲ {one}
              </li>
            ))}
            {preview.controls.length + preview.losses.length === 0 && <li className="text-muted">Nothing changes.</li>}
          </ul>
        )}
      </section>

      {problem && (
        <p role="alert" className="mt-4 whitespace-pre-line text-rose">
          ▲ {problem}
        </p>
      )}
      <p className="mt-6 flex flex-wrap gap-4">
        {broken.undo !== null && (
          <Button disabled={asked} onClick={() => void undo()}>
            Undo: {broken.undo}
          </Button>
        )}
        <a className="self-center text-sodium underline" href={`/api/aircraft/${id}/export`} download>
          Export the program
        </a>
        <Link to="/equipment?kind=transmitters" className="self-center text-sodium underline">
          Equipment
        </Link>
        <Link to="/" className="self-center text-sodium underline">
          Go to the hangar
        </Link>
      </p>
    </main>
  )
}
