import { type Fault, type Rule, type RuleCheck } from '@gyrus/core';
import { CHECK_KINDS, checkForms } from '@gyrus/formats';
import { Fragment } from 'react';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { TextField } from '../../../shared/fields/TextField.tsx';
import { Blank } from './Blank.tsx';
import { RolesField } from '../RolesField.tsx';
import { RuleButtons } from './RuleButtons.tsx';
import { RuleWhen } from './RuleWhen.tsx';
import { useBookDraft } from '../draft/useBookDraft.ts';
import { CheckFaults, Uncovered } from './CheckFaults.tsx';

const KINDS = CHECK_KINDS.map((kind) => ({ value: kind, text: checkForms[kind].name }));

interface RuleFormProps {
  rule: Rule;
  at: number;
  faults: Fault[];
  /** Just added: the typing goes on at its clause. */
  isNew: boolean;
}

/** One rule: its clause, what it says in one's own words, whom it is about, and its check as a sentence with blanks. */
export function RuleForm({ rule, at, faults, isNew }: RuleFormProps) {
  const { edit } = useBookDraft();
  const set = (change: (rule: Rule) => void) =>
    edit((draft) => {
      const own = draft.rules[at];
      if (own) change(own);
    });
  const faultAt = (field: string) =>
    faults.find(({ path }) => path.startsWith(`/rules/${at}/${field}`))?.message;
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
          autoFocus={isNew}
          value={rule.clause}
          fault={faultAt('clause')}
          onChange={(event) => set((own) => void (own.clause = event.target.value))}
        />
        <TextField
          label="what it says, in your own words"
          maxLength={4000}
          value={rule.text}
          fault={faultAt('text')}
          onChange={(event) => set((own) => void (own.text = event.target.value))}
        />
        <RuleButtons rule={rule} at={at} />
      </div>
      <AboutAndKind rule={rule} name={name} set={set} />
      {faultAt('roles') && <p className="text-out text-sm font-semibold">{faultAt('roles')}</p>}
      {/* Another kind has blanks of its own. */}
      <CheckSentence key={rule.check.kind} check={rule.check} set={set} />
      <CheckFaults rule={rule} faults={faults} at={at} />
      <Uncovered rule={rule} faults={faults} />
      <RuleWhen rule={rule} at={at} faults={faults} />
    </li>
  );
}

type SetRule = (change: (rule: Rule) => void) => void;

function AboutAndKind({ rule, name, set }: { rule: Rule; name: string; set: SetRule }) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <div className="min-w-0">
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
        onChange={(event) => {
          const next = CHECK_KINDS.find((kind) => kind === event.target.value);
          if (next) set((own) => void (own.check = checkForms[next].fresh));
        }}
      />
    </div>
  );
}

/** The check as a sentence, with its blanks to fill. */
function CheckSentence({ check, set }: { check: RuleCheck; set: SetRule }) {
  return (
    <div className="flex flex-wrap items-center gap-x-2 gap-y-2 text-lg">
      {checkForms[check.kind].sentence.map((part, i) =>
        typeof part === 'string' ? (
          <span key={i}>{part}</span>
        ) : part.when?.(check) === false ? (
          <Fragment key={i} />
        ) : (
          <Blank
            key={i}
            blank={part}
            check={check}
            set={(value) => set((own) => void Object.assign(own.check, { [part.at]: value }))}
          />
        ),
      )}
    </div>
  );
}
