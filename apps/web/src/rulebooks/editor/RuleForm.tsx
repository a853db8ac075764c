import { type Fault, type Rule, type RuleCheck } from '@gyrus/core';
import { checkForms } from '@gyrus/formats';
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { Fragment } from 'react';
import { Button } from '../../shared/Button.tsx';
import { SelectField } from '../../shared/SelectField.tsx';
import { TextField } from '../../shared/TextField.tsx';
import { Blank } from './Blank.tsx';
import { RolesField } from './RolesField.tsx';
import { RuleWhen } from './RuleWhen.tsx';
import { useBookDraft } from './useBookDraft.ts';

const KINDS = Object.entries(checkForms).map(([value, { name }]) => ({ value, text: name }));

/** One rule: its clause, what it says in one's own words, whom it is about, and its check as a sentence with blanks. */
export function RuleForm({ rule, at, faults }: { rule: Rule; at: number; faults: Fault[] }) {
  const { book, edit } = useBookDraft();
  const set = (change: (rule: Rule) => void) =>
    edit((draft) => {
      const own = draft.rules[at];
      if (own) change(own);
    });
  const faultAt = (field: string) =>
    faults.find(({ path }) => path.startsWith(`/rules/${at}/${field}`))?.message;
  const form = checkForms[rule.check.kind];
  const name = `Rule ${at + 1}`;
  return (
    <li
      id={`rule-${at}`}
      aria-label={name}
      className={`bg-sheet rounded-machined space-y-3 border p-4 ${faults.length > 0 ? 'border-out' : 'border-rule'}`}
    >
      <div className="grid gap-3 sm:grid-cols-[140px_minmax(0,1fr)_auto]">
        <TextField
          label="clause"
          maxLength={120}
          value={rule.clause}
          fault={faultAt('clause')}
          onChange={(event) => set((own) => void (own.clause = event.target.value))}
        />
        <TextField
          label="what it says, in your own words"
          maxLength={4000}
          value={rule.text}
          onChange={(event) => set((own) => void (own.text = event.target.value))}
        />
        <RuleButtons at={at} last={book.rules.length - 1} />
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <div>
          <div className="text-quiet mb-1 text-sm">is about</div>
          <RolesField
            label={`${name} is about`}
            value={rule.roles}
            onChange={(roles) => set((own) => void (own.roles = roles))}
          />
        </div>
        <SelectField
          label="what is checked"
          value={rule.check.kind}
          options={KINDS}
          onChange={(event) =>
            set((own) => void (own.check = checkForms[event.target.value as RuleCheck['kind']].fresh))
          }
        />
      </div>
      {faultAt('roles') && <p className="text-out text-sm font-semibold">{faultAt('roles')}</p>}
      {/* Another kind has blanks of its own. */}
      <div key={rule.check.kind} className="flex flex-wrap items-center gap-x-2 gap-y-2 text-lg">
        {form.sentence.map((part, i) =>
          typeof part === 'string' ? (
            <span key={i}>{part}</span>
          ) : part.when?.(rule.check) === false ? (
            <Fragment key={i} />
          ) : (
            <Blank
              key={i}
              blank={part}
              check={rule.check}
              set={(value) => set((own) => void ((own.check as Record<string, unknown>)[part.at] = value))}
            />
          ),
        )}
      </div>
      {faultAt('check') && (
        <p role="status" className="text-out text-sm font-semibold">
          {faultAt('check')}
        </p>
      )}
      <RuleWhen rule={rule} at={at} />
    </li>
  );
}

function RuleButtons({ at, last }: { at: number; last: number }) {
  const { edit } = useBookDraft();
  const move = (by: 1 | -1) =>
    edit(({ rules }) => {
      const [own] = rules.splice(at, 1);
      if (own) rules.splice(at + by, 0, own);
    });
  return (
    <div className="flex items-end gap-1">
      <Button aria-label={`Move rule ${at + 1} up`} disabled={at === 0} onClick={() => move(-1)}>
        <ArrowUp aria-hidden="true" className="size-4" />
      </Button>
      <Button aria-label={`Move rule ${at + 1} down`} disabled={at === last} onClick={() => move(1)}>
        <ArrowDown aria-hidden="true" className="size-4" />
      </Button>
      <Button
        aria-label={`Take out rule ${at + 1}`}
        onClick={() => edit(({ rules }) => void rules.splice(at, 1))}
      >
        <Trash2 aria-hidden="true" className="size-4" />
      </Button>
    </div>
  );
}
