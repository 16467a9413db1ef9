/** A key of the catalogue as a person reads it: «lower_back» is «lower back». */
export function readable(key: string): string {
  return key.replaceAll('_', ' ')
}
