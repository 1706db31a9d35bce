import { useEffect, useState } from 'react'

export type Camera =
  { status: 'asking' } | { status: 'on'; stream: MediaStream } | { status: 'none'; words: string }

/** The camera that looks away from whoever holds it, for as long as this is shown. */
export function useCamera(): Camera {
  const [camera, setCamera] = useState<Camera>({ status: 'asking' })
  useEffect(() => {
    let stream: MediaStream | undefined
    let isOver = false
    const begin = async () => {
      try {
        stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } })
        if (isOver) stop(stream)
        else setCamera({ status: 'on', stream })
      } catch {
        setCamera({ status: 'none', words: 'No camera here, or it may not be used: choose a file instead.' })
      }
    }
    void begin()
    return () => {
      isOver = true
      if (stream !== undefined) stop(stream)
    }
  }, [])
  return camera
}

/** Whether this browser has cameras to ask for at all. */
export function hasCamera(): boolean {
  return 'mediaDevices' in navigator
}

function stop(stream: MediaStream) {
  stream.getTracks().forEach((track) => track.stop())
}

/** What a playing video shows, as a file; undefined where nothing plays yet. */
export async function still(video: HTMLVideoElement, name: string): Promise<File | undefined> {
  const { videoWidth, videoHeight } = video
  if (videoWidth === 0) return undefined
  const canvas = document.createElement('canvas')
  canvas.width = videoWidth
  canvas.height = videoHeight
  canvas.getContext('2d')?.drawImage(video, 0, 0)
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY))
  return blob === null ? undefined : new File([blob], name, { type: 'image/jpeg' })
}

/** Of a JPEG, 0 to 1: what frizz is measured by is not smoothed away. */
const QUALITY = 0.92
