import { Route, Switch, useLocation } from 'wouter'
import { useLocked } from './api/locked'
import { BenchPage } from './bench/BenchPage'
import { DrawerPage } from './drawer/DrawerPage'
import { HouseWords } from './house/HouseWords'
import { NoSuchPlace } from './house/NoSuchPlace'
import { Notices } from './house/Notices'
import { PasscodePage } from './house/PasscodePage'
import { Place } from './house/Place'
import { LayersPage } from './layers/LayersPage'
import { RecipePage } from './recipe/RecipePage'
import { SafeKeepingPage } from './safekeeping/SafeKeepingPage'
import { ShelfPage } from './shelf/ShelfPage'
import { TablePage } from './table/TablePage'
import { AllowancesPage } from './tools/AllowancesPage'
import { ToolsPage } from './tools/ToolsPage'

/**
 * The rooms: the drawer, where cards are kept and begun, the shelf of structures, recipes, tools and stock with what the maker allows for, safe keeping, the bench, where a
 * card is worked on, the layers that lie on it, and the table, where it is made.
 */
export function House() {
  const [address] = useLocation()
  if (useLocked()) return <PasscodePage />
  return (
    <Notices>
      <HouseWords />
      <Place key={address}>
        <Switch>
          <Route path="/" component={DrawerPage} />
          <Route path="/shelf" component={ShelfPage} />
          <Route path="/recipe" component={RecipePage} />
          <Route path="/tools" component={ToolsPage} />
          <Route path="/tools/allowances" component={AllowancesPage} />
          <Route path="/card/:id/table">{({ id }) => <TablePage key={id} id={id} />}</Route>
          <Route path="/card/:id/layers">{({ id }) => <LayersPage key={id} id={id} />}</Route>
          <Route path="/card/:id">{({ id }) => <BenchPage key={id} id={id} />}</Route>
          <Route path="/safe-keeping" component={SafeKeepingPage} />
          <Route>
            <NoSuchPlace text="There is nothing at this address." />
          </Route>
        </Switch>
      </Place>
    </Notices>
  )
}
