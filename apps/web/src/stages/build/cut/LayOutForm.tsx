import { MAIN_BRANCH } from '@gyrus/contract/constants';
import { useState } from 'react';
import { useParams } from 'react-router';
import { toast } from '../../../shared/frame/toast.ts';
import { saveNow } from '../../../job/store/useAutosave.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { NumberField } from '../../../shared/fields/NumberField.tsx';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { lengthKind } from '../../../shared/fields/quantityKinds.ts';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { WhoField } from '../../../shared/fields/WhoField.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { Disclosure } from '../../../shared/frame/Disclosure.tsx';
import { useJobs } from '../../../shared/server/queries.ts';
import { useWho } from '../../../shared/server/useWho.ts';
import { useCutting } from './keptCutting.ts';
import { useCutPlanChange } from './useCutPlans.ts';

const GUIDES = [
  { value: 'no', text: 'no guide' },
  { value: 'yes', text: 'guided end-on' },
] as const;

/** What is laid out, and how the shop saws; a press lays it out. */
export function LayOutForm({ branch }: { branch: string }) {
  const { jobId = '' } = useParams();
  const style = useJobStyle();
  const [who] = useWho();
  const [cutting, change] = useCutting();
  const [others, setOthers] = useState<string[]>([]);
  const layOut = useCutPlanChange(jobId);
  const press = async () => {
    if (!(await saveNow())) {
      toast.error('The plan could not be saved, so nothing was laid out. See the note beside Undo.');
      return;
    }
    const jobs = [{ id: jobId, branch }, ...others.map((id) => ({ id, branch: MAIN_BRANCH }))];
    layOut.mutate({ layOut: { id: crypto.randomUUID(), jobs, who, ...cutting } });
  };
  return (
    <div className="space-y-3">
      <div className="grid gap-3 sm:grid-cols-3">
        <QuantityInput
          label="the saw takes"
          kind={lengthKind(style, { least: 0, usual: [0.5, 6] })}
          value={cutting.kerf}
          onChange={(kerf) => kerf && change({ kerf })}
        />
        <NumberField
          label="spare blanks for what is spoiled most"
          value={cutting.spares}
          low={0}
          high={20}
          onChange={(spares) => change({ spares: Math.round(spares) })}
        />
        <Segmented
          label="the hole saw is"
          value={cutting.guided ? 'yes' : 'no'}
          options={GUIDES}
          onChange={(value) => change({ guided: value === 'yes' })}
        />
      </div>
      <OtherJobs job={jobId} chosen={others} choose={setOthers} />
      <div className="grid items-end gap-3 sm:grid-cols-[1fr_auto]">
        <WhoField label="laid out by" />
        <Button kind="strong" disabled={who.trim() === '' || layOut.isPending} onClick={() => void press()}>
          {layOut.isPending ? 'Laying it out…' : 'Lay it out'}
        </Button>
      </div>
    </div>
  );
}

interface OtherJobsProps {
  job: string;
  chosen: string[];
  choose: (jobs: string[]) => void;
}

/** Other jobs whose tube is cut from the same sticks. */
function OtherJobs({ job, chosen, choose }: OtherJobsProps) {
  const others = (useJobs().data ?? []).filter(({ id, archived }) => id !== job && !archived);
  if (others.length === 0) return null;
  return (
    <Disclosure
      summary={
        chosen.length === 0
          ? 'Together with other jobs'
          : `Together with ${chosen.length} other job${chosen.length === 1 ? '' : 's'}`
      }
    >
      <ul className="flex flex-wrap gap-x-5">
        {others.map(({ id, name }) => (
          <li key={id}>
            <label className="flex min-h-10 items-center gap-2">
              <input
                type="checkbox"
                className="accent-ink size-5"
                checked={chosen.includes(id)}
                onChange={({ target }) =>
                  choose(target.checked ? [...chosen, id] : chosen.filter((one) => one !== id))
                }
              />
              {name}
            </label>
          </li>
        ))}
      </ul>
    </Disclosure>
  );
}
