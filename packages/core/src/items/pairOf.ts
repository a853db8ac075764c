/** What is made for each of two: both ends, both sides. */
export const pairOf = <A, B>([first, second]: readonly [A, A], make: (one: A) => B): [B, B] => [
  make(first),
  make(second),
];

/** What is made of each of three: the axes of a place. */
export const tripleOf = <A, B>(
  [x, y, z]: readonly [A, A, A],
  make: (one: A, axis: number) => B,
): [B, B, B] => [make(x, 0), make(y, 1), make(z, 2)];
