import places from './places.json'

/** A view of a station: where it is, what it's called, what it's for. */
export type Place<Path extends string = string> = { path: Path; name: string; says: string }

type Stations = typeof places.stations
export type StationId = keyof Stations
/** The views of a station: whoever keeps something for each of them can't forget one. */
export type ViewOf<Station extends StationId> = keyof Stations[Station]['views'] & string
export type AnyView = { [Station in StationId]: ViewOf<Station> }[StationId]
export type LogbookView = keyof typeof places.pages.logbook.views

type Station = { path: StationId; name: string; says: string; views: Place<AnyView>[] }

/** The pages beside the stations. */
export const PAGES = places.pages

/** The views of a list in their order; the first is the one that opens. */
export const listed = <Path extends string>(views: Record<Path, { name: string; says: string }>): Place<Path>[] =>
  (Object.keys(views) as Path[]).map((path) => ({ path, ...views[path] }))

/** The stations in the order of the work, each with its views. */
export const PLACES = Object.fromEntries(
  (Object.keys(places.stations) as StationId[]).map((path) => [
    path,
    {
      ...places.stations[path],
      path,
      views: listed(places.stations[path].views as Record<AnyView, { name: string; says: string }>),
    },
  ]),
) as Record<StationId, Station>

/** Addresses of former versions, by station and view. */
export const FORMER: Record<string, { station: StationId; views: Record<string, string> }> = {
  wire: { station: 'program', views: { shapes: 'rates', ladder: 'training' } },
  sense: { station: 'telemetry', views: { chain: 'sensors', speech: 'callouts' } },
}
