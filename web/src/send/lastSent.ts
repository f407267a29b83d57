import type { PostQuestion } from '../api/post'

const KEY = 'vantbreeze.post.area'

/** The postal area that was asked last in this browser. */
export function lastArea(): string | undefined {
  try {
    return localStorage.getItem(KEY) ?? undefined
  } catch {
    return undefined
  }
}

/** Keeps it for the next card. */
export function rememberArea(area: PostQuestion['area']) {
  try {
    localStorage.setItem(KEY, area ?? '')
  } catch {
    // a browser that keeps nothing only means that it is asked again next time
  }
}
