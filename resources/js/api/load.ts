import { connection } from './connection'

/** A part of the app that is loaded when it is wanted: where the server is away it waits until it's back. */
export async function load<T>(get: () => Promise<T>): Promise<T> {
  try {
    return await get()
  } catch {
    connection.silent()
    await connection.whenBack()
    return await get()
  }
}
