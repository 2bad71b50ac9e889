/** Of the fields an edit gives, those that change something there. `fields` may be made from what is held. */
export function changedFields<T extends object>(
  held: T | null,
  fields: Partial<T> | ((held: T) => Partial<T>),
): Record<string, unknown> {
  const wanted = typeof fields === 'function' ? (held ? fields(held) : {}) : fields
  return Object.fromEntries(
    Object.entries(wanted).filter(
      ([name, value]) => JSON.stringify(held?.[name as keyof T]) !== JSON.stringify(value),
    ),
  )
}
