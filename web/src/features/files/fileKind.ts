import { isObject } from '../../ui/useStored'

/** What a file brought here holds. */
export type FileKind = 'SALON' | 'SCORES' | 'SHELF' | 'ROUTINE' | 'BACKUP' | 'UNKNOWN'

/** Told by what is in it, not by its name. */
export function kindOf(text: string): FileKind {
  if (text.startsWith('PK')) return 'BACKUP'
  const begins = text.trimStart()
  return begins.startsWith('{') ? ofJson(begins) : ofTable(begins)
}

function ofJson(text: string): FileKind {
  let tree: unknown
  try {
    tree = JSON.parse(text)
  } catch {
    // Broken off: its first word still tells.
    return /"clients"\s*:/.test(text) ? 'SALON' : /"bottles"\s*:/.test(text) ? 'SHELF' : 'UNKNOWN'
  }
  if (!isObject(tree)) return 'UNKNOWN'
  if (Array.isArray(tree['clients'])) return 'SALON'
  if (Array.isArray(tree['entries'])) return 'SCORES'
  if (Array.isArray(tree['bottles'])) return 'SHELF'
  return Array.isArray(tree['steps']) ? 'ROUTINE' : 'UNKNOWN'
}

function ofTable(text: string): FileKind {
  const columns = (text.split('\n', 1)[0] ?? '')
    .toLowerCase()
    .split(/[,;\t]/)
    .map((word) => word.trim())
  if (columns.includes('definition')) return 'SCORES'
  return columns.includes('name') ? 'SHELF' : 'UNKNOWN'
}

/** Of a file brought where a routine was asked for. */
export function notARoutine(text: string): string {
  switch (kindOf(text)) {
    case 'SALON':
      return 'This file holds clients: bring it under Clients.'
    case 'SCORES':
      return 'This file holds scores: bring it under Clients.'
    case 'SHELF':
      return 'This file holds bottles: bring it on the Shelf.'
    case 'BACKUP':
      return 'This is a backup of a whole salon, not one routine.'
    case 'ROUTINE':
    case 'UNKNOWN':
      return 'This cannot be read as a routine: bring a file that “As a file” has saved, whole.'
  }
}
