import { useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { api, FAILED } from '../api/client'
import { unlock } from '../api/locked'
import { ProblemBox } from './ProblemBox'

/** Asks for the passcode where others on the network can reach the house. */
export function PasscodePage() {
  const queries = useQueryClient()
  const [passcode, setPasscode] = useState('')
  const [problem, setProblem] = useState<string | null>(null)
  const enter = async (event: FormEvent) => {
    event.preventDefault()
    try {
      const { response, error } = await api.POST('/api/session', { body: { passcode } })
      if (!response.ok) {
        setProblem((error as { detail?: string } | undefined)?.detail ?? FAILED)
        return
      }
      // what was asked before was refused
      await queries.resetQueries()
      unlock()
    } catch {
      setProblem('Vantbreeze does not answer. Is it still running?')
    }
  }
  return (
    <main className="mx-auto grid min-h-dvh max-w-md content-center gap-5 p-8">
      <h1 className="text-3xl font-semibold tracking-tight">Vantbreeze</h1>
      <form className="grid gap-4 bg-chalk px-6 py-5" onSubmit={(event) => void enter(event)}>
        <label className="grid gap-1 text-lg">
          Passcode
          <input
            type="password"
            autoFocus
            autoComplete="current-password"
            className="min-h-12 border-b-2 border-ink bg-paper px-3 text-xl"
            value={passcode}
            maxLength={200}
            onChange={(event) => setPasscode(event.target.value)}
          />
        </label>
        <p className="plate-note">It was said when Vantbreeze was started.</p>
        {problem && <ProblemBox>{problem}</ProblemBox>}
        <button type="submit" className="slip bg-paper text-lg font-semibold">
          Open
        </button>
      </form>
    </main>
  )
}
