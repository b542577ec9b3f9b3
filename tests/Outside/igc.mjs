// Prints the fixes of an IGC file as the npm package igc-parser reads them: latitude longitude gps-altitude seconds.
import { readFileSync } from 'node:fs'
import parser from 'igc-parser'

for (const fix of parser.parse(readFileSync(process.argv[2], 'utf8')).fixes) {
  console.log(fix.latitude, fix.longitude, fix.gpsAltitude, fix.timestamp / 1000)
}
