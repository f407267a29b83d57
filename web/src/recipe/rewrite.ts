/** What tells one text from another: the stretch that is another, and what stands there then. */
export function difference(before: string, after: string) {
  const most = Math.min(before.length, after.length)
  let start = 0
  while (start < most && before[start] === after[start]) start++
  let same = 0
  while (same < most - start && before[before.length - 1 - same] === after[after.length - 1 - same]) same++
  return { start, end: before.length - same, now: after.slice(start, after.length - same) }
}

/** A change of one text made in another that came of the same; nothing where both change the same stretch. */
export function rebased(before: string, after: string, now: string) {
  const wanted = difference(before, after)
  const done = difference(before, now)
  const shift = wanted.start >= done.end ? now.length - before.length : 0
  const touch = wanted.start < done.end && done.start < wanted.end
  return before === now || !touch
    ? now.slice(0, wanted.start + shift) + wanted.now + now.slice(wanted.end + shift)
    : undefined
}

/**
 * Rewrites what stands in a box as if it were typed, so that the browser's own undo takes it back, and marks what is
 * new. Says whether that could be done.
 */
export function rewrite(box: HTMLTextAreaElement, after: string) {
  const { start, end, now } = difference(box.value, after)
  box.focus()
  box.setSelectionRange(start, end)
  // deprecated, but nothing else keeps the undo of a box; where it is gone, the text is set and the undo lost
  const done = document.execCommand?.('insertText', false, now) ?? false
  if (done) box.setSelectionRange(start, start + now.length)
  return done
}
