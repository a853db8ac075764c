import { type Met, walkInOrder } from '../../bending/index.ts';
import { type BendSheet, type ResolvedMember, walkAsked } from '../../cage/index.ts';
import { kept } from '../../kept/index.ts';
import { type Shop } from '../../plan/index.ts';
import { type Finding, finding } from '../finding.ts';

/** Pulls of the order that a sheet has in which the tube meets something of the machine or the room. What is too short of straight is the sheet's own finding. */
export const walkFindings = (members: ResolvedMember[], { machines }: Pick<Shop, 'machines'>): Finding[] =>
  members.flatMap(({ pieces }) =>
    pieces.flatMap(({ sheet }) => (sheet.ok ? ofSheet(sheet.value, machines) : [])),
  );

/** Kept: a tube is walked again only when its sheet or a machine is another. */
const ofSheet = kept((sheet: BendSheet, machines: Shop['machines']): Finding[] => {
  const asked = walkAsked(sheet, { machines });
  if (typeof asked === 'string') return [];
  return walkInOrder(asked.tube, asked.bender, asked.order).flatMap(({ bend, hindrances }) =>
    hindrances.flatMap((one) =>
      one.kind === 'meets'
        ? finding({
            key: `machine/${sheet.piece}/meets/${bend}/${Object.values(one.met).join('/')}`,
            code: 'machine-meets',
            status: 'out',
            member: sheet.member,
            feature: sheet.bends.find(({ number }) => number === bend)?.feature ?? null,
            measured: { mm: one.gap },
            limit: { mm: 0 },
            margin: { mm: one.gap },
            facts: { bend: { count: bend }, at: { deg: one.touches }, ...metFacts(one.met) },
          })
        : [],
    ),
  );
});

/** What is met, and which wall or which part of the frame it is. */
const metFacts = (met: Met) => ({
  what: { text: met.what },
  which: { text: met.what === 'wall' ? met.wall : met.what === 'frame' ? met.name : '' },
});
