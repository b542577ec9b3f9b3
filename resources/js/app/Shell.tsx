import { useEffect, useState } from 'react'
import { Outlet } from 'react-router'
import { Palette } from './Palette'
import { Rail } from './Rail'
import { Shortcuts } from './Shortcuts'
import { onShortcut } from './shortcutKeys'

export function Shell() {
  const [palette, setPalette] = useState(false)
  const [help, setHelp] = useState(false)
  useEffect(() => {
    const listen = (event: KeyboardEvent) =>
      onShortcut(
        event,
        () => setPalette((open) => !open),
        () => setHelp(true),
      )
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [])
  return (
    <div className="flex h-full flex-col md:flex-row">
      <Rail />
      <div className="flex min-h-0 min-w-0 flex-1 flex-col">
        <Outlet />
      </div>
      <Palette open={palette} onClose={() => setPalette(false)} onHelp={() => setHelp(true)} />
      <Shortcuts open={help} onClose={() => setHelp(false)} />
    </div>
  )
}
