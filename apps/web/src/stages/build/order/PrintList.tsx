import { usePlan } from '../../../job/store/planStore.ts';
import { useOpenSaved } from '../../../job/store/useOpenSaved.ts';
import { Button } from '../../../shared/frame/Button.tsx';

/** Prints the steps of the saved revision, to be ticked off at the car. */
export function PrintList() {
  const { units } = usePlan();
  const openSaved = useOpenSaved();
  const paper = units.length === 'in' ? 'letter' : 'a4';
  return (
    <Button onClick={() => void openSaved((from) => `${from}/build.pdf?paper=${paper}&unit=${units.length}`)}>
      Print the list
    </Button>
  );
}
