import { useEffect, useState } from 'react'
import { connection, useConnection } from '@/api/connection'
import { useWorkbench } from '@/api/workbench'
import { Button } from '@/parts/Button'

/** What holds for the whole page: the server is away, a backup was restored, the browser keeps nothing. */
export function Banners() {
  const { away, restored, keepsNothing } = useConnection()
  const { saving } = useWorkbench()
  const [heeded, setHeeded] = useState(false)

  useEffect(() => {
    document.documentElement.toggleAttribute('data-away', away)
  }, [away])
  // What lives in this page alone goes with it.
  const asks = keepsNothing && saving !== 'saved'
  useEffect(() => {
    if (!asks) return
    const ask = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [asks])

  return (
    <>
      {away && (
        <div
          role="alert"
          data-banner="away"
          className="flex shrink-0 items-center gap-3 border-rose border-b bg-rose/10 px-4 py-2 text-sm print:hidden"
        >
          <p className="min-w-0 flex-1">
            <strong className="text-rose">▲ Dusk Switch doesn’t answer.</strong> What you see is from before. Is it
            still running? It is asked again by itself.
          </p>
          <Button onClick={() => void connection.look()}>Retry</Button>
        </div>
      )}
      {restored && (
        <div
          role="alert"
          data-banner="restored"
          className="flex shrink-0 items-center gap-3 border-sodium border-b bg-sodium/10 px-4 py-2 text-sm print:hidden"
        >
          <p className="min-w-0 flex-1">
            <strong className="text-sodium">▲ A backup was restored since this page was opened.</strong> Nothing of this
            page can be saved any more. What you typed is kept: you find it in the hangar.
          </p>
          <Button look="main" onClick={() => window.location.reload()}>
            Load the page again
          </Button>
        </div>
      )}
      {keepsNothing && !heeded && (
        <div
          role="status"
          data-banner="keeps-nothing"
          className="flex shrink-0 items-center gap-3 border-sodium border-b bg-sodium/10 px-4 py-2 text-sm print:hidden"
        >
          <p className="min-w-0 flex-1">
            ▲ This browser keeps nothing for Dusk Switch (a private window, or its space is full). Everything works, but
            an edit that isn’t saved yet, ticks and the theme go when you close this tab.
          </p>
          <Button onClick={() => setHeeded(true)}>Close</Button>
        </div>
      )}
    </>
  )
}
