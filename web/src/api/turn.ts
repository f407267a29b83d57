/** How far something is turned before the eye from how it is seen first, degrees: its right side to the front, its head to the front. */
export type Turn = { aside: number; over: number }

export const STRAIGHT: Turn = { aside: 0, over: 0 }

export const isTurned = ({ aside, over }: Turn) => aside !== 0 || over !== 0
