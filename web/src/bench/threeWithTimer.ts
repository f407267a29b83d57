import { Timer } from 'three'

/*
 * three as React Three Fiber is given it (vite.config.ts): that still keeps its time by three's Clock, which is deprecated
 * and says so in everyone's console. Here its place is taken by the same on three's Timer.
 */
export * from 'three'

/** The part of three's Clock that React Three Fiber uses, in seconds. */
export class Clock {
  running = false
  elapsedTime = 0
  oldTime = 0
  #timer = new Timer()

  start() {
    this.#timer.reset()
    this.elapsedTime = 0
    this.running = true
  }

  stop() {
    this.running = false
  }

  /** The time since it was last asked. */
  getDelta() {
    if (!this.running) {
      this.start()
      return 0
    }
    this.#timer.update()
    this.oldTime = this.elapsedTime
    this.elapsedTime += this.#timer.getDelta()
    return this.#timer.getDelta()
  }

  getElapsedTime() {
    this.getDelta()
    return this.elapsedTime
  }
}
