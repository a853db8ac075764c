import { useWho } from '../server/useWho.ts';
import { TextField } from './TextField.tsx';

/** Who works at this device: the same name wherever it is asked for. label: as whom, such as `measured by` */
export function WhoField({ label }: { label: string }) {
  const [who, keepWho] = useWho();
  return (
    <TextField label={label} value={who} maxLength={120} onChange={(event) => keepWho(event.target.value)} />
  );
}
