/** A row less the columns that are the database's own business. */
export const without = <Row extends object, Key extends keyof Row>(
  row: Row,
  ...keys: Key[]
): Omit<Row, Key> =>
  Object.fromEntries(Object.entries(row).filter(([key]) => !keys.some((one) => one === key))) as Omit<
    Row,
    Key
  >;
