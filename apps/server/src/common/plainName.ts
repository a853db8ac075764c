/** The last part of a path, without what a file system or a header could trip over. */
export const plainName = (name: string): string =>
  (name.split(/[\\/]/).at(-1) ?? '').replace(/[^\p{L}\p{N} ._-]/gu, '').slice(0, 120) || 'photo';
