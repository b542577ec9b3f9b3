import { type ReactNode, useEffect, useState } from 'react'
import { connection, useConnection } from '@/api/connection'
import { useWorkbench } from '@/api/workbench'
import { Button } from '@/parts/Button'

/** What holds for the whole page: the server is away, another hangar is here, the browser keeps nothing. */
export function Banners() {
  const { away, restored, keepsNothing } = useConnection()
  const { saving } = useWorkbench('saving')
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
        <Banner
          id="away"
          tone="border-rose bg-rose/10"
          button={<Button onClick={() => void connection.look()}>Retry</Button>}
        >
          <strong className="text-rose">▲ Dusk Switch doesn’t answer.</strong> What you see is from before. Is it still
          running? It is asked again by itself.
        </Banner>
      )}
      {restored && (
        <Banner
          id="restored"
          tone="border-sodium bg-sodium/10"
          button={
            <Button look="main" onClick={() => window.location.reload()}>
              Load the page again
            </Button>
          }
        >
          <strong className="text-sodium">▲ Another hangar took the place of the one on this page:</strong> a backup, a
          copy or the demo. Nothing of this page can be saved any more. What you typed is kept: you find it in the
          hangar.
        </Banner>
      )}
      {keepsNothing && !heeded && (
        <Banner
          id="keeps-nothing"
          tone="border-sodium bg-sodium/10"
          button={<Button onClick={() => setHeeded(true)}>Close</Button>}
        >
          ▲ This browser keeps nothing for Dusk Switch (a private window, or its space is full). Everything works, but
          an edit that isn’t saved yet, ticks and the theme go when you close this tab.
        </Banner>
      )}
    </>
  )
}

type BannerProps = { id: string; tone: string; button: ReactNode; children: ReactNode }

function Banner({ id, tone, button, children }: BannerProps) {
  return (
    <div
      role="alert"
      data-banner={id}
      className={`flex shrink-0 items-center gap-3 border-b px-4 py-2 text-sm print:hidden ${tone}`}
    >
      <p className="min-w-0 flex-1">{children}</p>
      {button}
    </div>
  )
}
