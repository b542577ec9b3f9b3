import type { Aircraft } from '@/api/types'
import { FlightBook } from './FlightBook'

/** What an aircraft has flown. */
export default function FlightsView({ aircraft }: { aircraft: Aircraft }) {
  return <FlightBook aircraft={aircraft} />
}
