import { Download } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import type { LogbookFlight } from '@/api/types'
import { Button } from '@/parts/Button'
import { menu, menuItem } from '@/parts/Menu'

const FORMATS = [
  { ending: 'csv', says: 'CSV, every column' },
  { ending: 'gpx', says: 'GPX track' },
  { ending: 'kml', says: 'KML, coloured by height' },
  { ending: 'geojson', says: 'GeoJSON' },
  { ending: 'igc', says: 'IGC' },
  { ending: 'nmea', says: 'NMEA 0183' },
]

/** The flight in open formats. */
export function Exports({ flight }: { flight: LogbookFlight }) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <Button look="bare">
          <Download size={15} aria-hidden /> Export
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" className={menu}>
          {FORMATS.map((one) => (
            <DropdownMenu.Item key={one.ending} asChild>
              <a href={`/api/logbook/${flight.id}/export/${one.ending}`} className={menuItem}>
                {one.says}
              </a>
            </DropdownMenu.Item>
          ))}
          <DropdownMenu.Item asChild>
            <a href={`/api/recordings/${flight.recording}/original`} className={menuItem}>
              The file as it came
            </a>
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
