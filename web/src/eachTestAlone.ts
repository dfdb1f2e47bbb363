import { afterEach } from 'vitest'
import { keeper } from '@/api/queries'

// No test may see what was answered to another one.
afterEach(() => keeper.clear())

// No server runs beside the tests: what no test answers is away at once.
globalThis.fetch = () => Promise.reject(new TypeError('No server runs beside the tests.'))
