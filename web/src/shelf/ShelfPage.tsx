import { ToggleGroup } from 'radix-ui'
import { useDeferredValue, useState } from 'react'
import { useLocation } from 'wouter'
import { useFitting, useShelf } from '../api/cards'
import type { Fitting, OnShelf } from '../api/client'
import { lastHabits, remember } from '../drawer/habits'
import { FigureText } from '../house/FigureText'
import { SizeText } from '../house/SizeText'
import { FilterBar } from './FilterBar'
import { isWanted, NO_FILTERS } from './filters'
import { LiveModel } from './LiveModel'
import { WayBack } from '../house/WayBack'
import { Heading } from '../house/Heading'

/** The shelf: every structure as a folded model, to be found by looking, by searching and by what fits. */
export function ShelfPage() {
  const shelf = useShelf()
  const [filters, setFilters] = useState(NO_FILTERS)
  const [habits] = useState(lastHabits)
  const [pickedId, setPickedId] = useState(habits.structure)
  const [pointed, setPointed] = useState<string | null>(null)
  const asked = useDeferredValue(
    filters.envelope || filters.sheet
      ? { ruler: habits.ruler, sheet: filters.sheet || habits.sheet, envelope: filters.envelope || undefined }
      : null,
  )
  const fitting = useFitting(asked)
  const best = new Map(asked && fitting.data ? fitting.data.map((one) => [one.structure, one]) : [])
  const fits =
    asked && fitting.data ? new Set(fitting.data.filter((one) => one.proposal).map((one) => one.structure)) : null
  const wanted = shelf.data?.structures.filter((structure) => isWanted(structure, filters, fits)) ?? []
  const picked = shelf.data?.structures.find(({ id }) => id === pickedId)

  return (
    <main className="mx-auto flex max-w-[1500px] flex-col gap-5 px-8 py-5">
      <header className="flex items-center gap-5">
        <WayBack />
        <Heading>The shelf</Heading>
        <p className="text-lg italic" role="status">
          {shelf.data ? counted(wanted.length, shelf.data.structures.length) : 'Folding the models…'}
          {asked && fitting.isFetching && ' Trying sizes…'}
        </p>
      </header>
      <FilterBar filters={filters} foldCounts={shelf.data?.foldCounts ?? []} onChange={setFilters} />
      {(shelf.error ?? fitting.error) && <p role="alert">{(shelf.error ?? fitting.error)?.message}</p>}
      <div className="grid items-start gap-x-8 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <ToggleGroup.Root
          type="single"
          value={pickedId}
          aria-label="Structures"
          onValueChange={(id) => id && setPickedId(id)}
          className="grid grid-cols-[repeat(auto-fill,minmax(9.4rem,1fr))] gap-y-5"
        >
          {wanted.map((structure) => (
            <ToggleGroup.Item
              key={structure.id}
              value={structure.id}
              className="group flex flex-col items-stretch text-center"
              onPointerEnter={() => setPointed(structure.id)}
              onPointerLeave={() => setPointed(null)}
              onFocus={() => setPointed(structure.id)}
              onBlur={() => setPointed(null)}
            >
              {/* each model stands on the plank */}
              <span className="flex h-32 items-end justify-center border-b-[5px] border-kraft-line px-3 group-data-[state=on]:border-ink">
                <LiveModel
                  structure={structure}
                  playing={pointed === structure.id}
                  className="max-h-28 w-full overflow-visible"
                />
              </span>
              <span className="px-1 pt-1 text-base leading-tight group-hover:underline group-data-[state=on]:font-semibold">
                {structure.name}
              </span>
            </ToggleGroup.Item>
          ))}
          {shelf.data && wanted.length === 0 && (
            <p className="col-span-full max-w-prose text-lg">
              Nothing on the shelf is all of that. Take a filter away, or show all again.
            </p>
          )}
        </ToggleGroup.Root>
        {picked && <Described structure={picked} fitting={best.get(picked.id)} filters={filters} />}
      </div>
    </main>
  )
}

function counted(wanted: number, all: number) {
  return wanted === all ? `${all} structures. Point at one to see it move.` : `${wanted} of ${all} structures.`
}

type DescribedProps = { structure: OnShelf; fitting?: Fitting; filters: { envelope: string; sheet: string } }

/** What a structure does and whom it suits, and the way to begin a card of it. */
function Described({ structure, fitting, filters }: DescribedProps) {
  const [, go] = useLocation()
  const [pointed, setPointed] = useState(false)
  const begin = () => {
    const habits = { ...lastHabits(), structure: structure.id }
    remember({ ...habits, envelope: filters.envelope || habits.envelope, sheet: filters.sheet || habits.sheet })
    go('/')
  }
  return (
    <section aria-label="Picked" className="sticky top-5 flex flex-col gap-3 bg-chalk px-6 py-5">
      <div onPointerEnter={() => setPointed(true)} onPointerLeave={() => setPointed(false)}>
        <LiveModel
          key={structure.id}
          structure={structure}
          playing={pointed}
          className="h-44 w-full overflow-visible"
        />
      </div>
      <h2 className="text-2xl">{structure.name}</h2>
      <p className="text-lg leading-snug">{structure.does}</p>
      <p className="plate-note">{structure.suits}</p>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 text-lg">
        <dt className="plate-note">Pieces</dt>
        <dd>{structure.pieces}</dd>
        <dt className="plate-note">Folds</dt>
        <dd>{structure.folds}</dd>
        <dt className="plate-note">Displayed</dt>
        <dd>{structure.lies ? 'lying' : 'standing'}</dd>
        <dt className="plate-note">How hard</dt>
        <dd>{structure.effortLabel}</dd>
        {fitting?.proposal && (
          <>
            <dt className="plate-note">Largest</dt>
            <dd>
              <SizeText size={fitting.proposal.finished} />
            </dd>
          </>
        )}
        {fitting?.thickness && fitting.left && (
          <>
            <dt className="plate-note">Thick</dt>
            <dd className="flex flex-wrap items-baseline gap-x-2">
              <FigureText figure={fitting.thickness} unit /> bare; leaves <FigureText figure={fitting.left} unit /> for
              layers
            </dd>
          </>
        )}
      </dl>
      <button type="button" className="slip border-picked text-lg font-semibold" onClick={begin}>
        Begin this card
      </button>
    </section>
  )
}
