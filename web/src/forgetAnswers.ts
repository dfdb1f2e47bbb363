import { afterEach } from 'vitest'
import { keeper } from '@/api/queries'

// No test may see what was answered to another one.
afterEach(() => keeper.clear())
