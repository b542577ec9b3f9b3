// Lines from GeographicLib, kept in geodesic.json: node tests/Outside/geodesic.mjs (with the package geographiclib-geodesic)
import { writeFileSync } from 'node:fs'
import geodesic from 'geographiclib-geodesic'

const wgs84 = geodesic.Geodesic.WGS84
const pairs = [
  [54.3, 8.6, 54.3015, 8.6042], [54.3, 8.6, 54.2946, 8.6], [54.3, 8.6, 54.3, 8.5908], [54.3, 8.6, 54.35, 8.75],
  [-37.95, 144.42, -37.951, 144.4215], [0, 0, 0.001, 0.001], [0, 179.999, 0, -179.999], [60.1, 24.9, 59.3, 18.1],
  [-33.9, 18.4, -34.4, 19.2], [78.2, 15.6, 78.21, 15.7], [40.6, -73.8, 51.5, -0.1],
]
const lines = pairs.map(([a, b, c, d]) => {
  const found = wgs84.Inverse(a, b, c, d)
  return { from: [a, b], to: [c, d], metres: Number(found.s12.toFixed(6)), bearing: Number(((found.azi1 + 360) % 360).toFixed(8)) }
})
writeFileSync(new URL('geodesic.json', import.meta.url), `${JSON.stringify({ source: 'geographiclib-geodesic, WGS 84', lines }, null, 1)}\n`)
