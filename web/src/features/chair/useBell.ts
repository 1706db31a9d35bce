import { useEffect, useRef } from 'react'
import type { Clock } from './timers'

const RING_MS = 350
const TICK_MS = 60

/** Sounds and shakes once as each clock ends, and softly at each beat. Clocks already over when it starts stay quiet. */
export function useBell(clocks: readonly Clock[], now: Date, isOn: boolean) {
  const heard = useRef<Map<string, number> | undefined>(undefined)
  useEffect(() => {
    const isFirst = heard.current === undefined
    const known = (heard.current ??= new Map())
    for (const clock of clocks) {
      const at = clock.every === undefined ? (clock.until <= now.getTime() ? 1 : 0) : clock.beats
      const before = known.get(clock.key)
      known.set(clock.key, at)
      if (!isOn || isFirst || before === undefined || at <= before) continue
      if (clock.every === undefined) ring(880, RING_MS, [200, 100, 200])
      else ring(520, TICK_MS, [40])
    }
  })
}

let audio: AudioContext | undefined

function ring(hertz: number, ms: number, shake: number[]) {
  if ('vibrate' in navigator) navigator.vibrate(shake)
  if (!('AudioContext' in window)) return
  audio ??= new AudioContext()
  const tone = audio.createOscillator()
  const level = audio.createGain()
  tone.frequency.value = hertz
  level.gain.setValueAtTime(0.25, audio.currentTime)
  level.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + ms / 1000)
  tone.connect(level).connect(audio.destination)
  tone.start()
  tone.stop(audio.currentTime + ms / 1000)
}
