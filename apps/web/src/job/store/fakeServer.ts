import { type Revision, type SaveRevisionDto } from '@gyrus/contract';
import { type Plan } from '@gyrus/core';

/** For tests: a server with one job whose revisions follow each other, whose answers can be held back, lost or refused. */
export class FakeServer {
  revisions: Revision[] = [];
  sent: SaveRevisionDto[] = [];
  /** What happens to the next saves, the first one first. */
  next: ('answer' | 'lost on the way' | 'answer lost' | { refuse: object })[] = [];
  private waiting: (() => void)[] = [];
  held = false;

  constructor(plan: Plan) {
    this.add('r1', plan);
  }

  get head(): Revision {
    return this.revisions.at(-1)!;
  }

  add(id: string, plan: Plan, branch = 'main'): Revision {
    const number = this.revisions.length + 1;
    const parent = this.revisions.at(-1)?.id ?? null;
    this.revisions.push({
      id,
      number,
      parent,
      branch,
      author: '',
      note: '',
      changes: '',
      createdAt: '',
      plan,
    });
    return this.head;
  }

  /** Lets the answers that were held back go. */
  release(): void {
    this.held = false;
    for (const go of this.waiting.splice(0)) go();
  }

  fetch = async (path: string, init?: { method?: string; body?: string }): Promise<Response> => {
    if (init?.method !== 'POST') return this.get(path);
    const dto = JSON.parse(init.body ?? '{}') as SaveRevisionDto;
    this.sent.push(dto);
    const fate = this.next.shift() ?? 'answer';
    if (fate === 'lost on the way') throw new TypeError('failed');
    if (typeof fate === 'object') return answer(422, { error: fate.refuse });
    const saved = this.save(dto);
    if (this.held) await new Promise<void>((resolve) => this.waiting.push(resolve));
    if (fate === 'answer lost') throw new TypeError('failed');
    return saved;
  };

  private save(dto: SaveRevisionDto): Response {
    const before = this.revisions.find(({ id }) => id === dto.id);
    if (before) return answer(201, before);
    if (this.head.id === dto.parent) return answer(201, this.add(dto.id, dto.plan as Plan, dto.branch));
    return answer(409, { error: { code: 'clash', message: '', path: '/parent' }, head: this.head });
  }

  private get(path: string): Response {
    const number = Number(/revisions\/(\d+)$/.exec(path)?.[1]);
    if (number) return answer(200, this.revisions[number - 1]);
    return answer(200, /revisions(\?|$)/.test(path) ? [...this.revisions].reverse() : { head: this.head });
  }
}
const answer = (status: number, body: unknown) => new Response(JSON.stringify(body), { status });
