import { Link } from 'wouter'
import { useOwnStock } from '../api/tools'
import { Adhesives } from './Adhesives'
import { BoardAndTrimmer } from './BoardAndTrimmer'
import { DiesAndPunches } from './DiesAndPunches'
import { Kept } from './Kept'
import { NewPaper } from './NewPaper'
import { Envelopes } from './Envelopes'
import { NewSheet } from './NewThings'
import { Part } from './Part'
import { WayBack } from '../house/WayBack'
import { Heading } from '../house/Heading'

/** Tools and papers: what the maker has, kept once and used by every plan. */
export function ToolsPage() {
  const { own, put } = useOwnStock()
  return (
    <div className="mx-auto min-h-dvh max-w-[1400px] px-6 pb-8">
      <header className="flex items-center gap-4 py-3">
        <WayBack />
        <Heading>Tools and papers</Heading>
        <Link href="/tools/post" className="slip ms-auto inline-flex items-center">
          What the post takes
        </Link>
        <Link href="/tools/allowances" className="slip inline-flex items-center">
          Allowances
        </Link>
      </header>
      {own.isError && <p role="alert">{own.error.message}</p>}
      {own.data && (
        <main className="grid items-start gap-5 lg:grid-cols-2">
          <div className="flex min-w-0 flex-col gap-5">
            <BoardAndTrimmer
              key={JSON.stringify([own.data.inches, own.data.metric, own.data.bed])}
              own={own.data}
              put={put}
            />
            <DiesAndPunches nests={own.data.nests} put={put} />
            <Envelopes envelopes={own.data.envelopes} put={put} />
          </div>
          <div className="flex min-w-0 flex-col gap-5">
            <Part
              title="Cardstocks and papers"
              note="Thickness by the usual bulk when it is not measured. The published weights are always there."
            >
              <Kept
                things={own.data.cardstocks.map((card) => ({
                  ...card,
                  words: `${card.grammage} g/m², ${card.caliper}, ${GRAIN[card.grain]}, ${PATTERN[card.pattern]}`,
                }))}
                put={put}
              />
              <NewPaper put={put} />
            </Part>
            <Part title="Sheets" note="Sizes you buy or have left over; of which paper and how many, if you like.">
              <Kept things={own.data.sheets} put={put} />
              <NewSheet put={put} />
            </Part>
            <Adhesives adhesives={own.data.adhesives} kinds={own.data.adhesiveKinds} put={put} />
          </div>
        </main>
      )}
    </div>
  )
}

const GRAIN = { UNKNOWN: 'grain unknown', LONG: 'long grain', SHORT: 'short grain' }
const PATTERN = { PLAIN: 'plain', DIRECTIONAL: 'directional pattern', DOUBLE_SIDED: 'double-sided' }
