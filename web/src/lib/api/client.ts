import { t } from '@/lib/text'
import createClient from 'openapi-fetch'
import type { paths } from './schema'
import { seenMiddleware } from './seen'
import type { Problem } from './types'

/** The server could not be reached at all. */
export class Unreachable extends Error {
  constructor() {
    super(t('api.the_server_does_not_answer'))
  }
}

/** The server refused, with a problem document. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem,
  ) {
    super(problem.detail)
  }

  /** Messages by JSON Pointer, with a prefix of the request's body taken off. */
  fields(prefix = ''): Map<string, string> {
    return new Map(
      this.problem.errors
        .filter((error) => error.pointer.startsWith(prefix))
        .map((error) => [error.pointer.slice(prefix.length), error.detail]),
    )
  }
}

/** This tab, so that it need not be told of what it did itself. */
export const TAB = crypto.randomUUID()

export const api = createClient<paths>({ baseUrl: '/', credentials: 'same-origin', headers: { 'X-Tab': TAB } })
api.use(seenMiddleware)

const listeners = new Set<() => void>()

/** Calls back when an answer says that nobody is signed in any more. */
export function onSignedOut(listener: () => void) {
  listeners.add(listener)
}

let entries = 0

/** Somebody has signed in: what was asked before that says nothing of who is in now. */
export function noteEntry() {
  entries++
}

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/**
 * The data of an answer.
 * @throws {Unreachable} where nothing came back
 * @throws {Refusal} where the server said no
 */
export async function ask<T>(request: Promise<Answer<T>>): Promise<T> {
  const entry = entries
  let answer: Answer<T>
  try {
    answer = await request
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error
    throw new Unreachable()
  }
  if (answer.response.ok) return answer.data as T
  const problem = asProblem(answer.error, answer.response.status)
  if (answer.response.status === 401 && entry === entries) listeners.forEach((listener) => listener())
  throw new Refusal(answer.response.status, problem)
}

function asProblem(error: unknown, status: number): Problem {
  if (error && typeof error === 'object' && 'detail' in error) return error as Problem
  return {
    type: 'about:blank',
    title: t('api.refused'),
    status,
    detail: t('api.the_server_answered_status', { status }),
    errors: [],
  }
}

/** What to tell the person of any error. */
export function wording(error: unknown): string {
  if (error instanceof Unreachable) return t('api.the_server_does_not_answer_what')
  if (error instanceof Error) return error.message
  return t('api.something_went_wrong')
}
