import { usePlan } from '../../job/store/planStore.ts';
import { useOpenSaved } from '../../job/store/useOpenSaved.ts';
import { Button } from '../../shared/frame/Button.tsx';

/** What is still to be measured, printed to take to the car. */
export function PrintList() {
  const { length } = usePlan().units;
  const open = useOpenSaved();
  const paper = length === 'in' ? 'letter' : 'a4';
  return (
    <Button onClick={() => void open((from) => `${from}/measuring.pdf?unit=${length}&paper=${paper}`)}>
      Print the list for the car
    </Button>
  );
}
