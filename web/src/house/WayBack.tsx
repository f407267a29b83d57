import { Link } from 'wouter'

type Props = { to?: string; children?: string; className?: string }

/** The way back, always in the same place: to the drawer, unless another room is named. */
export function WayBack({ to = '/', children = 'Drawer', className = '' }: Props) {
  return (
    <Link href={to} className={`slip inline-flex items-center ${className}`}>
      <span aria-hidden className="me-2">
        ←
      </span>
      {children}
    </Link>
  )
}
