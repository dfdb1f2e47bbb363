import { api } from './api/calls'
import { ServerAway } from './api/client'

const NOT_LOADED = /dynamically imported module|importing a module script|unable to preload/i
const LOADED_AT = 'nimblet-loaded-anew'
/** What is not there after loading anew either is not tried again and again. */
const AGAIN_AFTER = 10_000

/**
 * A place whose script does not come: after an update of the server it has another name, which only
 * the new page knows, so the place is loaded with its page. While the server is away everything stays
 * as it is, and the strip says so.
 */
export async function placeNotLoaded(
  error: unknown,
  path: string,
  load: (path: string) => void = (to) => location.assign(to),
): Promise<void> {
  if (!NOT_LOADED.test(String(error))) return
  const answers = await api.me().then(
    () => true,
    (problem: unknown) => !(problem instanceof ServerAway),
  )
  const last = Number(sessionStorage.getItem(LOADED_AT) ?? 0)
  if (!answers || Date.now() - last < AGAIN_AFTER) return
  sessionStorage.setItem(LOADED_AT, String(Date.now()))
  load(path)
}
