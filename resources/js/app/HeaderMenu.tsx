import { Download, FileInput, GitCompareArrows, Moon, Search, Sun } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { lazy, Suspense, useState } from 'react'
import { load } from '@/api/load'
import type { Aircraft } from '@/api/types'
import { Menu, menuItem } from '@/parts/Menu'
import { toggleTheme, useTheme } from '@/parts/theme'
import { overlays } from './overlays'

const OtherAircraft = lazy(() => load(() => import('./OtherAircraft')))
const FromFile = lazy(() => load(() => import('./FromFile')))

/** What more can be done with an aircraft; on a phone also what the rail and the header have no room for. */
export function HeaderMenu({ aircraft }: { aircraft: Aircraft }) {
  const theme = useTheme()
  const [open, setOpen] = useState<'other' | 'file' | null>(null)
  const phone = `${menuItem} md:hidden`
  const close = () => setOpen(null)
  return (
    <>
      <Menu look="bare" label="More">
        <DropdownMenu.Item className={menuItem} onSelect={() => setTimeout(() => setOpen('other'))}>
          <GitCompareArrows size={16} aria-hidden /> Another aircraft beside this one…
        </DropdownMenu.Item>
        <DropdownMenu.Item className={menuItem} onSelect={() => setTimeout(() => setOpen('file'))}>
          <FileInput size={16} aria-hidden /> A file into this aircraft…
        </DropdownMenu.Item>
        <DropdownMenu.Item className={phone} onSelect={() => setTimeout(overlays.openPalette)}>
          <Search size={16} aria-hidden /> Find anything
        </DropdownMenu.Item>
        <DropdownMenu.Item className={phone} onSelect={toggleTheme}>
          {theme === 'day' ? <Moon size={16} aria-hidden /> : <Sun size={16} aria-hidden />}
          {theme === 'day' ? 'Dusk theme' : 'Daylight theme'}
        </DropdownMenu.Item>
        <DropdownMenu.Item className={phone} asChild>
          <a href={`/api/aircraft/${aircraft.id}/export/whole`} download>
            <Download size={16} aria-hidden /> Export
          </a>
        </DropdownMenu.Item>
      </Menu>
      <Suspense>
        {open === 'other' && <OtherAircraft aircraft={aircraft} onClose={close} />}
        {open === 'file' && <FromFile aircraft={aircraft} onClose={close} />}
      </Suspense>
    </>
  )
}
