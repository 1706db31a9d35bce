import { ApiError } from './client'

/** Sends a picture, or takes it away where there is none; the generated client speaks JSON only. */
export async function sendPicture(path: string, file: File | undefined): Promise<void> {
  const response = await fetch(path, {
    method: file === undefined ? 'DELETE' : 'PUT',
    ...(file === undefined ? {} : { body: file, headers: { 'Content-Type': file.type || 'image/*' } }),
  })
  if (!response.ok) {
    const problem: unknown = await response.json().catch(() => ({}))
    const detail =
      typeof problem === 'object' && problem !== null && 'detail' in problem
        ? String(problem.detail)
        : 'It could not be kept.'
    throw new ApiError(response.status, detail, [], undefined)
  }
}
