import { useAllowances } from '../api/tools'
import { lastHabits } from '../drawer/habits'
import { WayBack } from '../house/WayBack'
import { AllowanceRow } from './AllowanceRow'
import { Heading } from '../house/Heading'

/** What the maker allows for: each with why, what the trade takes, and where that comes from. */
export function AllowancesPage() {
  const { groups, set } = useAllowances(lastHabits().ruler)
  return (
    <div className="mx-auto min-h-dvh max-w-[1400px] px-6 pb-8">
      <header className="flex items-center gap-4 py-3">
        <WayBack to="/tools">Tools and papers</WayBack>
        <Heading>Allowances</Heading>
      </header>
      <p className="mb-4 max-w-prose text-lg">
        How much more, or how much at least. These are the trade’s; press a figure and type yours where your hands, your
        glue or your trimmer say otherwise. It holds on every ruler, and every card is worked out anew with it.
      </p>
      {groups.isError && <p role="alert">{groups.error.message}</p>}
      <main className="columns-1 gap-5 lg:columns-2">
        {groups.data?.map((group) => (
          <section key={group.label} aria-label={group.label} className="mb-5 break-inside-avoid bg-chalk px-6 py-4">
            <h2 className="text-2xl">{group.label}</h2>
            <ul>
              {group.allowances.map((one) => (
                <AllowanceRow key={one.id} allowance={one} set={set} />
              ))}
            </ul>
          </section>
        ))}
      </main>
    </div>
  )
}
