/** What times are put in order by: to the nanosecond, whether their fractions are written or not. */
export function timeKey(at: string): string {
  const [seconds, fraction = ''] = at.replace('Z', '').split('.')
  return `${seconds}.${fraction.padEnd(9, '0')}`
}
