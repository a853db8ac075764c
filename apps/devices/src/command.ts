/** What the simulated devices can be told to do. Degrees, degrees a second, seconds */
export type Command =
  | { do: 'zero' }
  | { do: 'pull'; to: number; rate: number }
  | { do: 'release' }
  | { do: 'next' }
  | { do: 'ail'; device: 'dial' | 'gauge'; with: 'silent' | 'babble' | 'stray'; seconds: number };

/** A pull by hand. Degrees a second */
const USUAL_RATE = 15;

/** What can be typed, for who asks. */
export const HELP = [
  'zero                        the dial, with the tube preloaded',
  'pull 88.4 [RATE]            to this reading, so many degrees a second',
  'release                     and lay the gauge on the bend',
  'next                        take the tube out',
  'silent|babble|stray DEVICE [SECONDS]   DEVICE is dial or gauge',
];

/** A typed line as a command: `pull 88.4`; null for what is none. */
export function commandOf(line: string): Command | null {
  const [word = '', ...rest] = line.trim().split(/\s+/);
  switch (word) {
    case 'zero':
    case 'release':
    case 'next':
      return rest.length === 0 ? { do: word } : null;
    case 'pull':
      return pullOf(rest);
    case 'silent':
    case 'babble':
    case 'stray': {
      const [device, seconds = '3'] = rest;
      if ((device !== 'dial' && device !== 'gauge') || !(Number(seconds) > 0)) return null;
      return { do: 'ail', device, with: word, seconds: Number(seconds) };
    }
    default:
      return null;
  }
}

function pullOf([to = '', rate = String(USUAL_RATE)]: string[]): Command | null {
  const pull = { do: 'pull' as const, to: Number(to), rate: Number(rate) };
  return to !== '' && pull.to > 0 && pull.to <= 220 && pull.rate > 0 ? pull : null;
}
