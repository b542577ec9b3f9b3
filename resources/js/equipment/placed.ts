export type Place = [number, number]

/** A control as a definition has it, as far as it was filled in. */
export type Placed = { id?: string; name?: string; kind?: string; positions?: number; rest?: string; place?: unknown }

export const isPlace = (place: unknown): place is Place =>
  Array.isArray(place) && place.length === 2 && place.every((one) => typeof one === 'number')
