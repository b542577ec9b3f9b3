import { useState } from 'react'
import type { GlancePage, Recording } from '@/api/types'
import { Segments } from '@/parts/Segments'
import { Glance } from './Glance'

/** The glance pages during a flight, one at a time. */
export function Glances({ pages, flight }: { pages: GlancePage[]; flight: Recording }) {
  const [chosen, setChosen] = useState('')
  const page = pages.find((one) => one.id === chosen) ?? pages[0]
  if (!page) return null
  return (
    <section aria-label="Pages" className="mt-2 border-line border-t pt-2">
      {pages.length > 1 && (
        <Segments
          label="Page"
          value={page.id}
          options={pages.map((one) => ({ id: one.id, name: one.name }))}
          onChange={setChosen}
        />
      )}
      <div className="mt-2">
        <Glance page={page} values={flight.values} flight={flight} />
      </div>
    </section>
  )
}
