import { lazy, Suspense } from 'react'
import { Route, Switch, useLocation } from 'wouter'
import { useLocked } from './api/locked'
import { HouseWords } from './house/HouseWords'
import { Keys } from './house/Keys'
import { NoSuchPlace } from './house/NoSuchPlace'
import { Notices } from './house/Notices'
import { PasscodePage } from './house/PasscodePage'
import { Place } from './house/Place'

// each place comes when it is first gone to
const BenchPage = lazy(async () => ({ default: (await import('./bench/BenchPage')).BenchPage }))
const CutPage = lazy(async () => ({ default: (await import('./cut/CutPage')).CutPage }))
const DrawerPage = lazy(async () => ({ default: (await import('./drawer/DrawerPage')).DrawerPage }))
const LayersPage = lazy(async () => ({ default: (await import('./layers/LayersPage')).LayersPage }))
const RecipePage = lazy(async () => ({ default: (await import('./recipe/RecipePage')).RecipePage }))
const SafeKeepingPage = lazy(async () => ({ default: (await import('./safekeeping/SafeKeepingPage')).SafeKeepingPage }))
const ShelfPage = lazy(async () => ({ default: (await import('./shelf/ShelfPage')).ShelfPage }))
const TablePage = lazy(async () => ({ default: (await import('./table/TablePage')).TablePage }))
const AllowancesPage = lazy(async () => ({ default: (await import('./tools/AllowancesPage')).AllowancesPage }))
const SendPage = lazy(async () => ({ default: (await import('./send/SendPage')).SendPage }))
const WrapPage = lazy(async () => ({ default: (await import('./wrap/WrapPage')).WrapPage }))
const PostPage = lazy(async () => ({ default: (await import('./tools/PostPage')).PostPage }))
const ToolsPage = lazy(async () => ({ default: (await import('./tools/ToolsPage')).ToolsPage }))

/**
 * The rooms: the drawer, where cards are kept and begun, the shelf of structures, recipes, tools and stock with what the maker allows for, safe keeping, the bench, where a
 * card is worked on, the layers that lie on it, how all of it is cut, the table, where it is made, what goes round it, and the counter where it is sent.
 */
export function House() {
  const [address] = useLocation()
  if (useLocked()) return <PasscodePage />
  return (
    <Notices>
      <Keys>
        <HouseWords />
        <Place key={address}>
          <Suspense fallback={<p className="p-8 text-lg">Laying it out…</p>}>
            <Switch>
              <Route path="/" component={DrawerPage} />
              <Route path="/shelf" component={ShelfPage} />
              <Route path="/recipe" component={RecipePage} />
              <Route path="/tools" component={ToolsPage} />
              <Route path="/tools/allowances" component={AllowancesPage} />
              <Route path="/tools/post" component={PostPage} />
              {/* an address of before there were steps for all of a card */}
              <Route path="/card/:id/table/cut">{({ id }) => <TablePage key={id} id={id} />}</Route>
              <Route path="/card/:id/table">{({ id }) => <TablePage key={id} id={id} />}</Route>
              <Route path="/card/:id/layers">{({ id }) => <LayersPage key={id} id={id} />}</Route>
              <Route path="/card/:id/cut">{({ id }) => <CutPage key={id} id={id} />}</Route>
              <Route path="/card/:id/send">{({ id }) => <SendPage key={id} id={id} />}</Route>
              <Route path="/card/:id/wrap">{({ id }) => <WrapPage key={id} id={id} />}</Route>
              <Route path="/card/:id">{({ id }) => <BenchPage key={id} id={id} />}</Route>
              <Route path="/safe-keeping" component={SafeKeepingPage} />
              <Route>
                <NoSuchPlace text="There is nothing at this address." />
              </Route>
            </Switch>
          </Suspense>
        </Place>
      </Keys>
    </Notices>
  )
}
