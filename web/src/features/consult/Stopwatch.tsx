import { useEffect, useState } from 'react'
import { Button } from '../../ui/Button'
import { useStored } from '../../ui/useStored'

type StopwatchProps = {
  /** Where the start is kept, so that a reload loses nothing. */
  name: string
  onStop: (minutes: number) => void
}

/** Started and stopped by one button; the time is kept as a moment, not as ticks. */
export function Stopwatch({ name, onStop }: StopwatchProps) {
  const [started, setStarted] = useStored(`watch:${name}`, isMoment)
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    if (started === undefined) return
    const tick = setInterval(() => setNow(Date.now()), 250)
    return () => clearInterval(tick)
  }, [started])
  if (started === undefined) {
    return (
      <Button
        onClick={() => {
          setNow(Date.now())
          setStarted(Date.now())
        }}
      >
        Start the watch
      </Button>
    )
  }
  const seconds = Math.max(0, Math.floor((now - started) / 1000))
  return (
    <Button
      main
      onClick={() => {
        setStarted(undefined)
        onStop(Math.round((Date.now() - started) / 600) / 100)
      }}
    >
      Stop{' '}
      <span role="timer" className="figures">
        {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')}
      </span>
    </Button>
  )
}

function isMoment(value: unknown): value is number {
  return typeof value === 'number' && Number.isFinite(value)
}
