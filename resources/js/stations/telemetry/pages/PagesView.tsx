import { Plus } from 'lucide-react'
import { useRehearsal } from '@/api/rehearsal'
import type { GlancePage } from '@/api/types'
import { Button } from '@/parts/Button'
import { CheckResults } from '../CheckResults'
import { changeSense, free } from '../edits'
import type { View } from '../views'
import { PageCard } from './PageCard'

/** What to look at, page by page: on the transmitter's screen and in the video picture. */
export function PagesView({ aircraft, document, look }: View) {
  const state = useRehearsal()
  const flown = state.aircraft === aircraft.id ? state.flown : null
  const pages = document.sense?.pages ?? []
  const add = (some: GlancePage[], note: string) =>
    changeSense((now) => ({ ...now, pages: [...(now.pages ?? []), ...some] }), note)
  const empty = (kind: 'screen' | 'picture'): GlancePage => ({
    id: free(
      kind,
      pages.map((one) => one.id),
    ),
    name: kind === 'screen' ? 'New page' : 'New picture',
    ...(kind === 'picture' ? { kind } : {}),
    cells: [],
  })
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <div className="flex flex-wrap items-center gap-2">
        <Button onClick={() => add([empty('screen')], 'A new page')}>
          <Plus size={15} aria-hidden /> A page on the screen
        </Button>
        <Button onClick={() => add([empty('picture')], 'A new picture')}>
          <Plus size={15} aria-hidden /> A video picture
        </Button>
        <p className="text-muted text-sm">
          {flown ? 'Filled from the last rehearsal, at its moment.' : 'Rehearse a flight, and they fill with it.'}
        </p>
      </div>
      {look.pages.obvious.length > 0 && (
        <section aria-label="Pages worth having" className="mt-2">
          <h3 className="text-muted text-sm">Worth having, of the values that there are</h3>
          <div className="mt-1 flex flex-wrap gap-2">
            {look.pages.obvious.map((one) => (
              <Button key={one.id} data-obvious={one.id} onClick={() => add([one], `Page ${one.name} added`)}>
                <Plus size={15} aria-hidden /> {one.name}
              </Button>
            ))}
            {look.pages.obvious.length > 1 && (
              <Button look="bare" onClick={() => add(look.pages.obvious, `${look.pages.obvious.length} pages added`)}>
                Add all {look.pages.obvious.length}
              </Button>
            )}
          </div>
        </section>
      )}
      <CheckResults checks={look.checks} about="pages" />
      {pages.length === 0 && <p className="mt-4 text-muted">No page yet: what do you look at in flight?</p>}
      <ul className="mt-3 grid gap-3 xl:grid-cols-2">
        {pages.map((page, place) => (
          <PageCard key={page.id} page={page} place={place} document={document} look={look} flown={flown} />
        ))}
      </ul>
    </div>
  )
}
