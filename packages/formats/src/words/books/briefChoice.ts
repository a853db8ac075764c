const WORDS: Readonly<Record<string, string>> = {
  'four-point-bar': 'four-point bar',
  'six-point-cage': 'six-point cage',
  'full-cage': 'full cage',
  'harness-bar': 'harness bar without a cage',
  welded: 'welded in',
  bolted: 'bolted in',
  track: 'track only',
  'street-too': 'street too',
  show: 'show only',
  frame: 'frame',
  sill: 'sill of the body',
  'floor-sheet': 'floor sheet',
};

/** What is chosen at Brief, in words: what is built, how it is joined, what it is used for, what the feet stand on. */
export const briefChoiceWords = (value: string): string => WORDS[value] ?? value;
