import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useJob } from '@/api/jobs'
import { flightsChanged, mapColumns, useQuantities } from '@/api/logbook'
import { said } from '@/api/proposals'
import type { ColumnMap, RecordingFile } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Dialog } from '@/parts/Dialog'
import { JobBar } from '@/parts/JobBar'
import { keyed } from '@/parts/keyed'
import { capital, percent } from '@/parts/words'

const GUESSED = 'guess it'

/** What the columns of a recording were taken for; corrected once, the next file with the same headings takes it. */
export function ColumnsDialog({ file, onClose }: { file: RecordingFile; onClose: () => void }) {
  const quantities = useQuantities().data?.quantities ?? []
  const [map, setMap] = useState<ColumnMap>({})
  const [job, setJob] = useState<string | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const { data: state } = useJob(job)
  const client = useQueryClient()
  useEffect(() => {
    if (state?.state === 'done') {
      flightsChanged(client)
      onClose()
    }
  }, [state, client, onClose])
  const failed = problem ?? (state?.state === 'failed' ? state.says : null)
  const apply = () => {
    setProblem(null)
    // Everything that stands there is meant: a guess that was right stays right.
    const all = Object.fromEntries(
      file.columns.map((one) => [one.heading, { quantity: one.quantity, unit: one.told ? one.unit : null }]),
    )
    mapColumns(file.id, { ...all, ...map }).then(
      (made) => setJob(made.job),
      (error) => setProblem(said(error)),
    )
  }
  const table = file.format === 'csv'
  return (
    <Dialog
      open
      wide
      title={`Columns of ${file.name}`}
      says={
        table
          ? 'What each column was taken for. Correct what is wrong; the next file with the same headings takes it.'
          : 'This format says itself what its columns are.'
      }
      onClose={onClose}
      foot={
        <>
          <Button onClick={onClose}>Close</Button>
          {table && (
            <Button look="main" disabled={Object.keys(map).length === 0 || job !== null} onClick={apply}>
              Read again
            </Button>
          )}
        </>
      }
    >
      {job !== null && !failed && <JobBar says="Reading the recording…" id={job} job={state} />}
      {failed && (
        <p role="alert" className="mb-2 whitespace-pre-line text-rose">
          ▲ {failed}
        </p>
      )}
      <table className="w-full text-sm">
        <thead>
          <tr className="border-line border-b text-left text-muted">
            <th className="py-1 font-normal">Heading</th>
            <th className="font-normal">Holds</th>
            <th className="font-normal">Unit</th>
            <th className="text-right font-normal">Sure</th>
          </tr>
        </thead>
        <tbody>
          {keyed(file.columns, (one) => one.heading).map(({ key, item: one }) => {
            const is = map[one.heading]
            const quantity = is?.quantity ?? one.quantity
            const units = quantities.find((other) => other.id === quantity)?.units ?? []
            const unit = is ? is.unit : one.unit
            const put = (to: ColumnMap[string]) => {
              setJob(null)
              setMap({ ...map, [one.heading]: to })
            }
            return (
              <tr key={key} data-column={one.heading} className="border-line border-b">
                <td className="max-w-48 truncate py-1 pr-2" title={one.heading}>
                  {one.heading}
                </td>
                <td className="pr-2">
                  {table ? (
                    <Choice
                      label={`What ${one.heading} holds`}
                      value={quantity}
                      options={quantities.map((other) => ({ id: other.id, name: capital(other.says) }))}
                      onChange={(to) => put({ quantity: to })}
                    />
                  ) : (
                    capital(quantities.find((other) => other.id === quantity)?.says ?? quantity)
                  )}
                </td>
                <td className="w-32 pr-2">
                  {table && units.length > 0 ? (
                    <Choice
                      label={`Unit of ${one.heading}`}
                      value={unit ?? GUESSED}
                      options={[GUESSED, ...units].map((id) => ({ id, name: id }))}
                      onChange={(to) => put({ quantity, unit: to === GUESSED ? null : to })}
                    />
                  ) : (
                    (unit ?? '')
                  )}
                </td>
                <td className={`figures text-right ${one.confidence < 0.6 ? 'text-sodium' : 'text-muted'}`}>
                  {is ? 'yours' : percent(one.confidence)}
                  {!is && unit !== null && !one.told && <span title="The unit was guessed"> ○</span>}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="mt-3 text-muted text-sm">
        {file.rows} rows; {file.bad} left out, {file.doubled} doubled, {file.sorted} put in order, headings repeated{' '}
        {file.repeated} times.
      </p>
      {file.badLines.length > 0 && (
        <ol aria-label="Lines that were left out" className="mt-2 max-h-40 overflow-auto text-sm">
          {file.badLines.map((one) => (
            <li key={one.line}>
              <span className="figures text-muted">line {one.line}</span> {one.why}
            </li>
          ))}
        </ol>
      )}
    </Dialog>
  )
}
