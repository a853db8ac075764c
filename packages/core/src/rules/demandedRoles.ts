import { USUAL_ORDER } from '../cage/index.ts';
import { type Finding, type FindingCode, textFact } from '../findings/index.ts';
import { type BarRole } from '../plan/index.ts';

/** Findings that say that bars of a role are missing. */
const MISSING = new Set<FindingCode>(['none-there', 'count', 'continuous-count']);

/** Roles of which a chosen rule book demands bars that are not there. */
export function demandedRoles(findings: readonly Finding[]): Set<BarRole> {
  const missing = new Set(
    findings
      .filter(({ code, status, would }) => MISSING.has(code) && (would ?? status) === 'out')
      .map((finding) => textFact(finding, 'role')),
  );
  return new Set(USUAL_ORDER.filter((role) => missing.has(role)));
}
