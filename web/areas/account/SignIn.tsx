import { useState, type FormEvent } from 'react'
import { useNavigate } from 'react-router'
import { api, unwrap, type Schemas } from '../../api/client'
import { useWrite } from '../../api/useTree'

/** The door. Where nobody has an account yet, the first one is made here. */
export function SignIn({ session }: { session: Schemas['SessionResource'] }) {
  const [making, setMaking] = useState(session.firstAccount)
  const [name, setName] = useState('')
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const navigate = useNavigate()
  const enter = useWrite(
    () =>
      making
        ? unwrap(api.POST('/api/accounts', { body: { name, email, password } }))
        : unwrap(api.POST('/api/session', { body: { email, password } })),
    () => navigate('/trees'),
  )
  const submit = (event: FormEvent) => {
    event.preventDefault()
    enter.mutate(undefined)
  }
  const gap = 'gap block w-full text-[17px]'
  return (
    <main className="grid h-full place-items-center px-6">
      <div className="w-full max-w-[400px]">
        <h1 className="font-serif text-[34px] leading-tight">North Bough</h1>
        <p className="mt-1 mb-8 text-graphite">What a record says, kept apart from what we conclude.</p>
        <form onSubmit={submit} className="space-y-5">
          {making && (
            <label className="block">
              <span className="heads">Your name</span>
              <input
                className={gap}
                value={name}
                onChange={(e) => setName(e.target.value)}
                autoComplete="name"
                autoFocus
              />
            </label>
          )}
          <label className="block">
            <span className="heads">E-mail</span>
            <input
              className={gap}
              type="email"
              value={email}
              onChange={(e) => setEmail(e.target.value)}
              autoComplete="username"
              autoFocus={!making}
            />
          </label>
          <label className="block">
            <span className="heads">Password{making && ', ten letters or more'}</span>
            <input
              className={gap}
              type="password"
              value={password}
              onChange={(e) => setPassword(e.target.value)}
              autoComplete={making ? 'new-password' : 'current-password'}
            />
          </label>
          <div className="flex items-center gap-5">
            <button className="act-main" disabled={enter.isPending}>
              {making ? 'Add the account' : 'Sign in'}
            </button>
            {session.accountsOpen && !session.firstAccount && (
              <button type="button" className="act" onClick={() => setMaking(!making)}>
                {making ? 'I have an account' : 'New account'}
              </button>
            )}
          </div>
        </form>
      </div>
    </main>
  )
}
