import { Route, Switch } from 'wouter'
import { BenchPage } from './bench/BenchPage'
import { DrawerPage } from './drawer/DrawerPage'
import { NoSuchPlace } from './house/NoSuchPlace'
import { Notices } from './house/Notices'
import { LayersPage } from './layers/LayersPage'
import { RecipePage } from './recipe/RecipePage'
import { ShelfPage } from './shelf/ShelfPage'
import { TablePage } from './table/TablePage'
import { ToolsPage } from './tools/ToolsPage'

/**
 * The rooms: the drawer, where cards are kept and begun, the shelf of structures, recipes, tools and stock, the bench, where a
 * card is worked on, the layers that lie on it, and the table, where it is made.
 */
export function House() {
  return (
    <Notices>
      <Switch>
        <Route path="/" component={DrawerPage} />
        <Route path="/shelf" component={ShelfPage} />
        <Route path="/recipe" component={RecipePage} />
        <Route path="/tools" component={ToolsPage} />
        <Route path="/card/:id/table">{({ id }) => <TablePage key={id} id={id} />}</Route>
        <Route path="/card/:id/layers">{({ id }) => <LayersPage key={id} id={id} />}</Route>
        <Route path="/card/:id">{({ id }) => <BenchPage key={id} id={id} />}</Route>
        <Route>
          <NoSuchPlace text="There is nothing at this address." />
        </Route>
      </Switch>
    </Notices>
  )
}
