/** Making a number format costs more than using it a hundred times: one is kept for each way of writing. */
const kept = new Map<string, Intl.NumberFormat>();

export function numberFormat(locale: string, options: Intl.NumberFormatOptions): Intl.NumberFormat {
  const key = `${locale} ${JSON.stringify(options)}`;
  const known = kept.get(key) ?? new Intl.NumberFormat(locale, options);
  kept.set(key, known);
  return known;
}
