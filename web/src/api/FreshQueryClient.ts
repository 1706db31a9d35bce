import { QueryClient, type InvalidateOptions, type InvalidateQueryFilters } from '@tanstack/react-query'

/**
 * Queries that are never answered with what was so before a change. Left to itself, the library lets a first question that
 * is under way when something changes stand for the question after the change; its answer may be older than the change.
 */
export class FreshQueryClient extends QueryClient {
  override async invalidateQueries(
    filters: InvalidateQueryFilters = {},
    options: InvalidateOptions = {},
  ): Promise<void> {
    const { predicate } = filters
    await this.cancelQueries({
      ...filters,
      predicate: (query) => query.state.data === undefined && (predicate?.(query) ?? true),
    })
    return super.invalidateQueries(filters, options)
  }
}
