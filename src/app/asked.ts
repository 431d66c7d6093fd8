/** The query of a page, as Next gives it: a key that stands in it more than once comes as a list. */
export type Query = Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;

/** The query of a page, one text a key: a key that is given more than once is a list with commas, as those we write ourselves. */
export async function asked(query: Query): Promise<Readonly<Record<string, string>>> {
  const given = Object.entries(await query).filter(([, v]) => v !== undefined);
  return Object.fromEntries(given.map(([k, v]) => [k, typeof v === 'string' ? v : v!.join(',')]));
}
