import { type Rule, itemAt } from '@gyrus/core';
import { ROLE_GROUPS, roleWords, RULED_ROLES } from '@gyrus/formats';
import { ListChecks } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { Button } from '../../shared/frame/Button.tsx';

type Role = Rule['roles'][number];

interface RolesFieldProps {
  label: string;
  value: readonly Role[];
  onChange: (roles: Role[]) => void;
}

const SEVERAL = 'several';
const groupValue = (name: string): string => `group/${name}`;
const sameRoles = (a: readonly Role[], b: readonly Role[]): boolean =>
  a.length === b.length && a.every((role) => b.includes(role));

/** What the list shows as chosen: a role, a group of them, or that they were picked one by one. */
function chosenOf(value: readonly Role[]): string {
  const group = Object.entries(ROLE_GROUPS).find(([, roles]) => sameRoles(value, roles));
  if (group) return groupValue(group[0]);
  return value.length === 1 ? itemAt(value, 0) : SEVERAL;
}

/** Which members a rule or a row is about: one, a group that books speak of together, or picked one by one. */
export function RolesField({ label, value, onChange }: RolesFieldProps) {
  const [open, setOpen] = useState(false);
  const said = value.length === 0 ? 'no member yet' : value.map(roleWords).join(', ');
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <div className="flex max-w-full gap-1">
        <RolesSelect
          label={`Who ${label.charAt(0).toLowerCase()}${label.slice(1)}`}
          said={said}
          value={value}
          onChange={onChange}
          onSeveral={() => setOpen(true)}
        />
        <Popover.Trigger asChild>
          <Button aria-label={`${label}: ${said}`}>
            <ListChecks aria-hidden="true" className="size-4" />
          </Button>
        </Popover.Trigger>
      </div>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          className="bg-sheet border-ink rounded-machined z-20 max-h-96 w-[min(560px,92vw)] overflow-y-auto border p-3"
        >
          <RoleTicks label={label} value={value} onChange={onChange} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

interface RolesSelectProps extends RolesFieldProps {
  /** The roles in words. */
  said: string;
  onSeveral: () => void;
}

/** One of the list: a group, a role, or several that are picked one by one. */
function RolesSelect({ label, said, value, onChange, onSeveral }: RolesSelectProps) {
  const choose = (chosen: string) => {
    const group = Object.entries(ROLE_GROUPS).find(([name]) => groupValue(name) === chosen);
    const role = RULED_ROLES.find((one) => one === chosen);
    if (group) onChange([...group[1]]);
    else if (role) onChange([role]);
    else onSeveral();
  };
  return (
    <select
      aria-label={label}
      title={said}
      className={`control max-w-64 min-w-0 ${value.length === 0 ? 'text-out' : ''}`}
      value={chosenOf(value)}
      onChange={(event) => choose(event.target.value)}
    >
      <option value={SEVERAL}>{said}</option>
      <optgroup label="together">
        {Object.keys(ROLE_GROUPS).map((name) => (
          <option key={name} value={groupValue(name)}>
            {name}
          </option>
        ))}
      </optgroup>
      <optgroup label="one member">
        {RULED_ROLES.map((role) => (
          <option key={role} value={role}>
            {roleWords(role)}
          </option>
        ))}
      </optgroup>
    </select>
  );
}

function RoleTicks({ label, value, onChange }: RolesFieldProps) {
  const tick = (role: Role, on: boolean) =>
    onChange(
      on
        ? RULED_ROLES.filter((one) => one === role || value.includes(one))
        : value.filter((one) => one !== role),
    );
  return (
    <>
      <div role="group" aria-label={label} className="grid grid-cols-2 gap-x-4 sm:grid-cols-3">
        {RULED_ROLES.map((role) => (
          <label key={role} className="flex min-h-10 items-center gap-2">
            <input
              type="checkbox"
              className="size-5"
              checked={value.includes(role)}
              onChange={(event) => tick(role, event.target.checked)}
            />
            {roleWords(role)}
          </label>
        ))}
      </div>
      <div className="mt-2 flex gap-2">
        <Button onClick={() => onChange([...RULED_ROLES])}>All</Button>
        <Button onClick={() => onChange([])}>None</Button>
      </div>
    </>
  );
}
