import createClient from 'openapi-fetch'
import type { FieldProblem, paths } from './generated'

export type { FieldProblem }

/** The server said no. */
export class ServerProblem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    readonly errors: readonly FieldProblem[] = [],
    readonly current: unknown = undefined,
    readonly changed: readonly string[] = [],
    /** What is asked for as well: a code. */
    readonly asksFor = '',
  ) {
    super(detail)
  }
}

/** What went wrong, in one sentence: what the server says of a field, if it names one. */
export const sentenceOf = (error: unknown): string =>
  (error instanceof ServerProblem && error.errors[0]?.message) || (error as Error).message

/** The server did not answer at all. */
export class ServerAway extends Error {
  constructor() {
    super('The server does not answer. Check that it runs and that you are connected.')
  }
}

function cookie(name: string): string | undefined {
  const found = document.cookie.split('; ').find((part) => part.startsWith(`${name}=`))
  return found && decodeURIComponent(found.slice(name.length + 1))
}

interface ProblemBody {
  title?: string
  detail?: string
  errors?: FieldProblem[]
  current?: unknown
  changed?: string[]
  asksFor?: string
}

async function problem(response: Response): Promise<ServerProblem> {
  const body: ProblemBody = await response.json().catch(() => ({}))
  const detail =
    body.detail ??
    (response.status === 401
      ? 'You are signed out. Sign in again; nothing is lost.'
      : response.status === 403
        ? 'This is not yours to see or change.'
        : 'The server could not do this. Try again in a moment.')
  return new ServerProblem(
    response.status,
    body.title ?? 'Not possible',
    detail,
    body.errors,
    body.current,
    body.changed,
    body.asksFor,
  )
}

/** Whether the last call reached the server; listeners hear of every change. */
const listeners = new Set<(reached: boolean) => void>()
export function onReach(listener: (reached: boolean) => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/**
 * The keys of what was sent and is not answered: pressed twice, or sent again because no answer
 * came, the same goes under the same key and the server does it once.
 */
const unanswered = new Map<string, string>()

/** What is only worked out makes nothing, and may be asked as often as one likes. */
const ONLY_WORKED_OUT = /\/preview$|\/api\/bench\/|\/at-hand$|\/usual-weights$/

async function send(request: Request): Promise<Response> {
  if (request.method !== 'POST' || ONLY_WORKED_OUT.test(request.url)) return carry(request)
  const content = `${request.url} ${await request.clone().text()}`
  const key = unanswered.get(content) ?? crypto.randomUUID()
  unanswered.set(content, key)
  request.headers.set('Idempotency-Key', key)
  try {
    const response = await carry(request)
    unanswered.delete(content)
    return response
  } catch (e) {
    if (e instanceof ServerProblem && e.status < 500) unanswered.delete(content)
    throw e
  }
}

async function carry(request: Request): Promise<Response> {
  request.headers.set('Accept', 'application/json, application/problem+json')
  const token = cookie('XSRF-TOKEN')
  if (token && request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token)
  let response: Response
  try {
    response = await fetch(request)
  } catch {
    listeners.forEach((listener) => listener(false))
    throw new ServerAway()
  }
  listeners.forEach((listener) => listener(true))
  if (!response.ok) throw await problem(response)
  return response
}

/** Every path of the server's own description, with what it takes and answers. */
export const http = createClient<paths>({ baseUrl: location.origin, fetch: send })

/**
 * What was answered. A refusal has been thrown by then, so that there is data, or nothing where
 * nothing is answered.
 */
export async function answer<T>(asked: Promise<{ data?: T }>): Promise<T> {
  return (await asked).data as T
}

/**
 * What something would be. What keeps it from being yet is thrown as a refusal is, though asking was
 * no error.
 */
export async function wouldBe<T>(
  asked: Promise<{ data?: { shown: T | null; problems: readonly FieldProblem[] } }>,
): Promise<T> {
  const { shown, problems } = await answer(asked)
  if (shown === null) throw new ServerProblem(200, 'Not yet', 'Not yet possible.', problems)
  return shown
}

const requestOf = (method: string, path: string, init: RequestInit) =>
  new Request(new URL(path, location.origin), { ...init, method })

/** Calls what the description leaves out, and what was put into the outbox. */
export async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  const response = await send(
    requestOf(
      method,
      path,
      body === undefined
        ? {}
        : { body: JSON.stringify(body), headers: { 'Content-Type': 'application/json' } },
    ),
  )
  return (response.status === 204 ? undefined : await response.json()) as T
}

/** Signs in with the form that the server's security expects. */
export async function signIn(email: string, password: string, code: string): Promise<void> {
  await send(
    requestOf('POST', '/api/sign-in', { body: new URLSearchParams({ email, password, code }) }),
  )
}
