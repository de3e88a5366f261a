/** An amount in the shop's currency, whole units. */
export function money(amount: number, currency: string): string {
  return new Intl.NumberFormat('en', {
    style: 'currency',
    currency,
    maximumFractionDigits: 0,
  }).format(amount)
}

/** A count with its word, as "1 day" or "3 days". */
export const counted = (count: number, word: string) => `${count} ${word}${count === 1 ? '' : 's'}`
