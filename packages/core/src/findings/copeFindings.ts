import { type Copes, type EndCut, type SeamAnswer } from '../cage/index.ts';
import { decided } from '../measure/index.ts';
import { type Plan } from '../plan/index.ts';
import { type Finding, finding } from './finding.ts';

const text = (value: string) => ({ text: value });

/** Ends without a cut or that do not seat, joints too sharp to weld, seams beside which the torch has no room. */
export function copeFindings({ coping }: Plan, { ends, seams }: Copes): Finding[] {
  return [
    ...ends.flatMap((cut) => [...endFindings(cut), ...sharpFindings(cut, coping.sharpest.deg)]),
    ...seams.flatMap((seam) => tightFindings(seam, coping.torchRoom.mm, ends)),
  ];
}

const named = ({ stamp, end }: Pick<EndCut, 'stamp' | 'end'>) => ({
  stamp: text(stamp),
  end: text(end.toUpperCase()),
});

function endFindings(cut: EndCut): Finding[] {
  const key = `cope/${cut.piece}/${cut.end}`;
  const facts = { ...named(cut), why: text(cut.why ?? '') };
  if (cut.method === 'none')
    return [finding({ key, code: 'no-cope', status: 'look', member: cut.member, facts })];
  if (cut.outer.some((setback) => setback === null))
    return [
      finding({
        key,
        code: 'not-seated',
        status: 'out',
        member: cut.member,
        facts: { ...facts, header: text(cut.headers.join(', ')) },
      }),
    ];
  return [];
}

function sharpFindings(cut: EndCut, sharpest: number): Finding[] {
  if (cut.sharpest === null || decided(cut.sharpest - sharpest) >= 0) return [];
  return [
    finding({
      key: `sharp/${cut.piece}/${cut.end}`,
      code: 'sharp-joint',
      status: 'look',
      member: cut.member,
      measured: { deg: cut.sharpest },
      limit: { deg: sharpest },
      margin: { deg: cut.sharpest - sharpest },
      facts: { ...named(cut), header: text(cut.headers.join(', ')) },
    }),
  ];
}

function tightFindings(seam: SeamAnswer, torchRoom: number, ends: EndCut[]): Finding[] {
  const { tight, piece, end } = seam;
  if (!tight) return [];
  return [
    finding({
      key: `torch/${piece}/${end}`,
      code: 'torch-room',
      status: 'look',
      member: ends.find((cut) => cut.piece === piece)?.member ?? null,
      measured: { mm: tight.gap },
      limit: { mm: torchRoom },
      margin: { mm: tight.gap - torchRoom },
      facts: { ...named(seam), beside: text(tight.stamp), later: { count: tight.later ? 1 : 0 } },
    }),
  ];
}
