import { Route, Switch } from 'wouter'
import { BenchPage } from './bench/BenchPage'
import { DrawerPage } from './drawer/DrawerPage'
import { NoSuchPlace } from './house/NoSuchPlace'
import { Notices } from './house/Notices'
import { ShelfPage } from './shelf/ShelfPage'

/** The rooms: the drawer, where cards are kept and begun, the shelf of structures, and the bench, where one is worked on. */
export function House() {
  return (
    <Notices>
      <Switch>
        <Route path="/" component={DrawerPage} />
        <Route path="/shelf" component={ShelfPage} />
        <Route path="/card/:id">{({ id }) => <BenchPage key={id} id={id} />}</Route>
        <Route>
          <NoSuchPlace text="There is nothing at this address." />
        </Route>
      </Switch>
    </Notices>
  )
}
