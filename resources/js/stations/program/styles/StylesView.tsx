import { useState } from 'react'
import { useFrame } from '@/api/live'
import { edit, propose } from '@/api/proposals'
import type { StyleRow } from '@/api/types'
import { FARTHEST } from '@/parts/limits'
import { NumberField } from '@/parts/NumberField'
import { capital } from '@/parts/words'
import type { View } from '../views'

type Thing = Parameters<typeof propose.style>[2]
type Column = { thing: Thing; name: string; says: string; least: number; most: number; unit?: '%' | 's' }

const COLUMNS: Column[] = [
  { thing: 'style', name: 'Style', says: 'to the stabiliser', least: -FARTHEST, most: FARTHEST },
  { thing: 'expo', name: 'Expo', says: 'roll, pitch, yaw', least: -1, most: 1 },
  { thing: 'throttle', name: 'Throttle', says: 'flat, share of all', least: 0, most: 1 },
  { thing: 'floor', name: 'Pitch at low stick', says: 'share of all', least: 0, most: 1 },
  { thing: 'gain', name: 'Tail gyro gain', says: 'to the gyro', least: -FARTHEST, most: FARTHEST },
  { thing: 'fade', name: 'Fade', says: 'into this style', least: 0, most: 60, unit: 's' },
]

/** The things that one switch changes at once: a row a position, a column a thing, edited in place. */
export function StylesView({ aircraft, document }: View) {
  const now = useFrame((frame) => frame.phase)
  const [problem, setProblem] = useState<string | null>(null)
  const { styles } = aircraft
  if (!styles) return null
  const put = (row: StyleRow, column: Column, value: number) =>
    void edit(
      (now) => propose.style(now, row.phase, column.thing, value),
      `${row.name}: ${column.name.toLowerCase()}`,
    ).then((answer) => setProblem('problem' in answer ? answer.problem : null))
  const phaseName = (id: string) => document.phases?.find((one) => one.id === id)?.name ?? id
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <table className="w-full max-w-5xl">
        <caption className="pb-2 text-left text-muted text-sm">
          {styles.control} changes all of these at once. Rotor speed must rise slowly from style to style.
        </caption>
        <thead className="max-md:sr-only">
          <tr className="text-left align-bottom">
            <th scope="col" className="pr-3 pb-1 font-normal text-muted text-sm">
              Position
            </th>
            {COLUMNS.map((column) => (
              <th key={column.thing} scope="col" className="w-32 pr-2 pb-1 text-sm">
                {column.name}
                <span className="block font-normal text-muted">{column.says}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {styles.rows.map((row) => {
            const active = now === row.phase
            return (
              <tr
                key={row.phase}
                data-style={row.phase}
                className="border-line border-t align-top max-md:grid max-md:grid-cols-2 max-md:py-1"
              >
                <th scope="row" className="py-1.5 pr-3 text-left font-normal max-md:col-span-2">
                  <span className={active ? 'text-sodium' : ''}>
                    <span aria-hidden>{active ? '◆' : '◇'}</span> <strong>{row.name}</strong>
                    {active && <span className="sr-only"> active now</span>}
                  </span>
                  <span className="block text-muted text-sm">
                    {row.detent ? capital(row.detent) : 'its own switch'}
                    {phaseName(row.phase) !== row.name && `, phase ${phaseName(row.phase)}`}
                  </span>
                </th>
                {COLUMNS.map((column) => {
                  const value = row[column.thing]
                  return (
                    <td key={column.thing} className="py-1.5 pr-2">
                      <span aria-hidden className="text-muted text-sm md:hidden">
                        {column.name}
                      </span>
                      {value === null ? (
                        <p className="flex h-9 items-center text-muted text-sm">
                          {row.detent === null
                            ? '—'
                            : column.thing === 'expo'
                              ? 'differ: see Rates and curves'
                              : 'a curve: see Rates and curves'}
                        </p>
                      ) : (
                        <NumberField
                          label={`${column.name}, ${row.name}`}
                          value={value}
                          least={column.least}
                          most={column.most}
                          unit={column.unit ?? '%'}
                          onChange={(to) => put(row, column, to)}
                        />
                      )}
                      {column.thing === 'floor' && row.degrees !== null && (
                        <p className="figures text-right text-muted text-sm" data-degrees={row.phase}>
                          {String(row.degrees).replace('-', '−')}°
                        </p>
                      )}
                    </td>
                  )
                })}
              </tr>
            )
          })}
        </tbody>
      </table>
      {problem && (
        <p role="alert" className="mt-2 max-w-5xl rounded-lg border border-rose bg-rose/10 px-3 py-2 text-sm">
          <span className="text-rose">▲</span> {problem}
        </p>
      )}
      <section aria-label="What to look out for" className="mt-3 grid max-w-5xl gap-2 text-sm">
        {styles.warnings.map((warning) => (
          <p key={warning} data-warning className="rounded-lg border border-sodium px-3 py-2">
            <span className="text-sodium">▲</span> {warning}
          </p>
        ))}
        {styles.warnings.length === 0 && (
          <p className="text-teal">✓ No position differs from the next by a sudden step.</p>
        )}
        {styles.liftOff && (
          <div
            data-liftoff
            className={`rounded-lg border px-3 py-2 ${styles.liftOff.fine ? 'border-line' : 'border-sodium'}`}
          >
            <h3 className="text-muted">Before the first lift-off</h3>
            <p>
              {!styles.liftOff.fine && <span className="text-sodium">▲ </span>}
              {styles.liftOff.says}
            </p>
          </div>
        )}
      </section>
    </div>
  )
}
