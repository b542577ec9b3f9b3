import { inWords } from './templates'

/** Where a fault stands, as one says it: "controls[2].place" is “Controls 3, place”. */
export function inPlaces(path: string): string {
  const said = path
    .split('.')
    .map((part) => {
      const [, key = '', number] = /^([^[]+)(?:\[(\d+)\])?/.exec(part) ?? []
      return number === undefined ? inWords(key) : `${inWords(key)} ${Number(number) + 1}`
    })
    .join(', ')
  return said.charAt(0) + said.slice(1).toLowerCase()
}
