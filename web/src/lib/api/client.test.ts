import { describe, expect, it, vi } from 'vitest'
import { ask, noteEntry, onSignedOut, Refusal } from './client'

const refused = () => ({ response: new Response(null, { status: 401 }) })

describe('an answer that nobody is signed in', () => {
  it('signs out, unless somebody signed in after it was asked', async () => {
    const signedOut = vi.fn()
    onSignedOut(signedOut)
    let late!: () => void
    const waiting = ask(new Promise<ReturnType<typeof refused>>((resolve) => (late = () => resolve(refused()))))
    noteEntry()
    late()
    await expect(waiting).rejects.toThrow(Refusal)
    expect(signedOut).not.toHaveBeenCalled()
    await expect(ask(Promise.resolve(refused()))).rejects.toThrow(Refusal)
    expect(signedOut).toHaveBeenCalledOnce()
  })
})
