import { useState } from 'react';
import { Button } from '../../shared/frame/Button.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';

interface NameFormProps {
  label: string;
  action: string;
  taken: string[];
  onName: (name: string) => Promise<unknown>;
}

const NAME = /^[\w -]{1,60}$/;

/** One name and what to do with it. */
export function NameForm({ label, action, taken, onName }: NameFormProps) {
  const [name, setName] = useState('');
  const [busy, setBusy] = useState(false);
  const trimmed = name.trim();
  const fault =
    trimmed === '' || NAME.test(trimmed)
      ? taken.includes(trimmed)
        ? 'there is one of this name already'
        : undefined
      : 'letters, digits, spaces and dashes, 60 at most';
  const submit = async () => {
    setBusy(true);
    await onName(trimmed);
    setBusy(false);
    setName('');
  };
  return (
    <form
      className="flex max-w-2xl items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (trimmed !== '' && !fault) void submit();
      }}
    >
      <div className="min-w-0 flex-1">
        <TextField
          label={label}
          value={name}
          fault={fault}
          onChange={(event) => setName(event.target.value)}
        />
      </div>
      <Button type="submit" disabled={busy || trimmed === '' || fault !== undefined}>
        {action}
      </Button>
    </form>
  );
}
