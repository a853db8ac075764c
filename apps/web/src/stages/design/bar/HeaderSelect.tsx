import { type Attachment, endFeatures, type Member } from '@gyrus/core';
import { roleWords } from '@gyrus/formats';
import { SelectField } from '../../../shared/fields/SelectField.tsx';

type OnTube = Extract<Attachment, { kind: 'station' | 'height' }>;

interface HeaderSelectProps {
  attachment: OnTube;
  others: Member[];
  set: (next: Attachment) => void;
}

/** Which tube: a member, and of twins the left or the right one. A height on a tube across the car has two sides as well. */
export function HeaderSelect({ attachment, others, set }: HeaderSelectProps) {
  const options = others.flatMap((member) => {
    const name = `${member.stamp} ${roleWords(member.role)}`;
    const across = member.role === 'main-hoop' || member.pair === 'across';
    const sided = across ? attachment.kind === 'height' : 'pair' in member && member.pair === 'mirrored';
    return sided
      ? (['left', 'right'] as const).map((side) => ({
          value: `${member.id}/${side}`,
          text: `${name}, ${side}`,
        }))
      : [{ value: `${member.id}/`, text: name }];
  });
  const value = `${attachment.on.member}/${attachment.on.side ?? ''}`;
  const choose = (next: string) => {
    const [member = '', side = ''] = next.split('/');
    const header = others.find((one) => one.id === member);
    if (!header) return;
    const on: OnTube['on'] = side === 'left' || side === 'right' ? { member, side } : { member };
    if (attachment.kind === 'height') set({ ...attachment, on });
    else set({ ...attachment, on, station: { ...attachment.station, feature: endFeatures(header)[0] } });
  };
  return (
    <SelectField
      label="on"
      value={value}
      options={
        options.some((one) => one.value === value)
          ? options
          : [{ value, text: 'a tube that is gone' }, ...options]
      }
      onChange={(event) => choose(event.target.value)}
    />
  );
}
