import { type Member, type Shop, type TubeChoice } from '@gyrus/core';
import { tubeWords } from '@gyrus/formats';
import { Link } from 'react-router';
import { useMemberEdit } from '../../../job/fields/useMember.ts';
import { useShop } from '../../../shared/server/queries.ts';
import { SelectField } from '../../../shared/fields/SelectField.tsx';

const isSame = (a: TubeChoice, b: TubeChoice): boolean =>
  a.od.mm === b.od.mm && a.wall.mm === b.wall.mm && a.kind === b.kind && a.batch === b.batch;

/** The tube from the shop's stock, so that its batch and stick length go with it. */
export function TubeSelect({ member }: { member: Member }) {
  const tubes: Shop['tubes'] = useShop().data?.tubes ?? [];
  const edit = useMemberEdit(member.id);
  const stocked = tubes.find((tube) => isSame(tube, member.tube));
  const choose = (id: string) => {
    const tube = tubes.find((one) => one.id === id);
    if (!tube) return;
    const { od, wall, kind, batch } = tube;
    edit('tube', (draft) => void (draft.tube = { od, wall, kind, batch }));
  };
  return (
    <div>
      <SelectField
        label="tube"
        value={stocked?.id ?? ''}
        options={[
          ...(stocked ? [] : [{ value: '', text: `${tubeWords(member.tube)} (not in stock)` }]),
          ...tubes.map((tube) => ({ value: tube.id, text: tubeWords(tube) })),
        ]}
        onChange={(event) => choose(event.target.value)}
      />
      <Link to="/shop" className="mt-1 inline-flex min-h-8 items-center text-sm underline">
        add tube at Shop
      </Link>
    </div>
  );
}
