import { BAR_ROLES, type Rule } from '@gyrus/core';
import { roleWords } from '@gyrus/formats';
import { Popover } from 'radix-ui';
import { Button } from '../../shared/Button.tsx';

type Role = Rule['roles'][number];
const ROLES: readonly Role[] = ['main-hoop', ...BAR_ROLES];

interface RolesFieldProps {
  label: string;
  value: readonly Role[];
  onChange: (roles: Role[]) => void;
}

/** Which members a rule or a row is about: told in words, chosen from a list. */
export function RolesField({ label, value, onChange }: RolesFieldProps) {
  const said = value.length === 0 ? 'no member yet' : value.map(roleWords).join(', ');
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <Button aria-label={`${label}: ${said}`} className="max-w-full text-left">
          <span className={`truncate ${value.length === 0 ? 'text-out' : ''}`}>
            {value.length > 3
              ? `${value.slice(0, 3).map(roleWords).join(', ')} and ${value.length - 3} more`
              : said}
          </span>
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          className="bg-sheet border-ink rounded-machined z-20 max-h-96 w-[min(560px,92vw)] overflow-y-auto border p-3"
        >
          <div role="group" aria-label={label} className="grid grid-cols-2 gap-x-4 sm:grid-cols-3">
            {ROLES.map((role) => (
              <label key={role} className="flex min-h-10 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5"
                  checked={value.includes(role)}
                  onChange={(event) =>
                    onChange(
                      event.target.checked
                        ? ROLES.filter((one) => one === role || value.includes(one))
                        : value.filter((one) => one !== role),
                    )
                  }
                />
                {roleWords(role)}
              </label>
            ))}
          </div>
          <div className="mt-2 flex gap-2">
            <Button onClick={() => onChange([...ROLES])}>All</Button>
            <Button onClick={() => onChange([])}>None</Button>
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
