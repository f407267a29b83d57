import { Component, type ReactNode } from 'react'

type Props = { children: ReactNode; instead: (again: () => void, cause: Error) => ReactNode }

/** Shows something instead of a part that broke, and leaves the rest of the page as it is. */
export class Boundary extends Component<Props, { cause: Error | null }> {
  override state: { cause: Error | null } = { cause: null }

  static getDerivedStateFromError(cause: Error) {
    return { cause }
  }

  override render() {
    const { cause } = this.state
    return cause ? this.props.instead(() => this.setState({ cause: null }), cause) : this.props.children
  }
}
