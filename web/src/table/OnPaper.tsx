const PAGES = [
  ['a4', 'A4'],
  ['letter', 'Letter'],
] as const
const CARDS = [['a6', 'A6'], ['index', 'index card'], ['a5', 'A5'], ...PAGES] as const

/** The card to take away: a page for a phone, steps and measurements to be printed. */
export function OnPaper({ id }: { id: string }) {
  const building = `/api/cards/${id}/building`
  return (
    <ul aria-label="To take away" className="mb-4 flex flex-wrap items-center gap-x-8 text-lg">
      <li>
        <a className="word inline-flex min-h-11 items-center underline" href={`${building}/handout.html`} download>
          Handout, one page for a phone
        </a>
      </li>
      <Sizes what="Steps with pictures" path={`${building}/steps.pdf`} sizes={PAGES} />
      <Sizes what="Card of measurements" path={`${building}/measurements.pdf`} sizes={CARDS} />
    </ul>
  )
}

type Sizes = { what: string; path: string; sizes: readonly (readonly [string, string])[] }

function Sizes({ what, path, sizes }: Sizes) {
  return (
    <li className="flex flex-wrap items-center gap-x-2">
      {what}:
      {sizes.map(([page, name]) => (
        <a
          key={page}
          className="word inline-flex min-h-11 items-center underline"
          href={`${path}?page=${page}`}
          aria-label={`${what}, ${name}`}
          download
        >
          {name}
        </a>
      ))}
    </li>
  )
}
