import { useState } from 'react'
import type { Differing } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { Segments } from '@/parts/Segments'

export type Decision = { kind: string; id: string; do: 'new' | 'replace' | 'leave' }

const CHOICES = [
  { id: 'new', name: 'Keep both' },
  { id: 'replace', name: 'Replace mine' },
  { id: 'leave', name: 'Use mine' },
]

type Part = Record<string, unknown>

const written = (value: unknown) => (value === undefined ? '—' : JSON.stringify(value))

/** The keys in which two definitions differ. */
const keysOf = (here: Part, there: Part) =>
  [...new Set([...Object.keys(here), ...Object.keys(there)])].filter(
    (key) => written(here[key]) !== written(there[key]),
  )

type Props = {
  file: string
  differing: Differing['differing']
  onDecide: (decisions: Decision[]) => void
  onClose: () => void
}

/** Definitions in an imported file that are here already, and different: side by side, with what becomes of each. */
export function Decide({ file, differing, onDecide, onClose }: Props) {
  const [chosen, setChosen] = useState<Record<string, Decision['do']>>({})
  const nameOf = (one: { kind: string; id: string }) => `${one.kind} ${one.id}`
  const decisions = differing.map(({ kind, id }): Decision => ({ kind, id, do: chosen[nameOf({ kind, id })] ?? 'new' }))
  return (
    <Dialog
      open
      wide
      title={`Import ${file}`}
      says="This equipment is here already, and different. Nothing has been changed yet."
      onClose={onClose}
      foot={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" onClick={() => onDecide(decisions)}>
            Import
          </Button>
        </>
      }
    >
      <ul className="space-y-4">
        {differing.map((one) => (
          <li key={nameOf(one)} data-differing={one.id} className="rounded-xl border border-line p-3">
            <h3 className="font-semibold">{one.name}</h3>
            <div className="mt-2 overflow-x-auto">
              <table className="w-full text-left text-sm">
                <thead>
                  <tr className="text-muted">
                    <th className="w-1/5 pr-3 font-normal">Value</th>
                    <th className="w-2/5 pr-3 font-normal">Mine</th>
                    <th className="font-normal">In the file</th>
                  </tr>
                </thead>
                <tbody className="align-top">
                  {keysOf(one.here as Part, one.there as Part).map((key) => (
                    <tr key={key} className="border-line border-t">
                      <td className="pr-3">{key}</td>
                      <td className="figures break-all pr-3">{written((one.here as Part)[key])}</td>
                      <td className="figures break-all">{written((one.there as Part)[key])}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
            <div className="mt-3">
              <Segments
                label={`What becomes of ${one.name}`}
                value={chosen[nameOf(one)] ?? 'new'}
                options={one.shipped ? CHOICES.filter(({ id }) => id !== 'replace') : CHOICES}
                onChange={(to) => setChosen({ ...chosen, [nameOf(one)]: to as Decision['do'] })}
              />
              {one.shipped && <p className="mt-1 text-muted text-sm">Mine ships with the app and stays as it is.</p>}
            </div>
          </li>
        ))}
      </ul>
    </Dialog>
  )
}
