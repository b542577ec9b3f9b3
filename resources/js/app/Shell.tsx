import { lazy, Suspense, useEffect } from 'react'
import { Outlet } from 'react-router'
import { load } from '@/api/load'
import { Banners } from './Banners'
import { tellCutText } from './cutText'
import { overlays, useOverlays } from './overlays'
import { Rail } from './Rail'
import { Shortcuts } from './Shortcuts'
import { onShortcut } from './shortcutKeys'

// Nobody needs it to see the first page.
const Palette = lazy(() => load(() => import('./Palette')))

/** Past the rail and the header, to what the page is about. */
function skip() {
  const main = document.querySelector('main')
  if (!main) return
  main.tabIndex = -1
  main.focus()
}

export function Shell() {
  const { palette, shortcuts } = useOverlays()
  useEffect(() => {
    const listen = (event: KeyboardEvent) => onShortcut(event, overlays.togglePalette, overlays.openShortcuts)
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [])
  useEffect(tellCutText, [])
  return (
    <div className="relative flex h-full flex-col overflow-clip md:flex-row">
      <button
        type="button"
        onClick={skip}
        className="sr-only focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-50 focus:rounded-lg focus:bg-ember focus:px-3 focus:py-2 focus:text-onember"
      >
        Skip to the content
      </button>
      <Rail />
      <div className="flex min-h-0 min-w-0 flex-1 flex-col">
        <Banners />
        <Outlet />
      </div>
      {palette && (
        <Suspense fallback={null}>
          <Palette open onClose={overlays.close} onHelp={overlays.openShortcuts} />
        </Suspense>
      )}
      <Shortcuts open={shortcuts} onClose={overlays.close} />
    </div>
  )
}
