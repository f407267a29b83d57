/** Whether this browser can draw in space (WebGL 2). */
export function drawsInSpace() {
  try {
    return document.createElement('canvas').getContext('webgl2') !== null
  } catch {
    return false
  }
}
