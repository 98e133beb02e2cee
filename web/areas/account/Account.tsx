import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, unwrap } from '../../api/client'
import { useWrite } from '../../api/useTree'
import { DisplayPreferences } from './DisplayPreferences'
import { switchTheme } from '../../parts/theme'
import { queries } from '../../api/queries'

export default function Account() {
  const { data } = useQuery(queries.session())
  const leave = useWrite(
    () => unwrap(api.DELETE('/api/session')),
    () => location.assign('/'),
  )
  return (
    <main className="mx-auto max-w-[640px] px-6 py-12">
      <h1 className="font-serif text-[28px]">{data?.user?.name}</h1>
      <p className="text-graphite">{data?.user?.email}</p>
      {data?.user && <DisplayPreferences reading={data.user.reading} />}
      <div className="mt-8 flex gap-6">
        <Link className="act" to="/trees">
          Your trees
        </Link>
        <button className="act" onClick={switchTheme}>
          Light or dark
        </button>
        <button className="act" onClick={() => leave.mutate(undefined)}>
          Sign out
        </button>
      </div>
    </main>
  )
}
