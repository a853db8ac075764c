import { availableParallelism } from 'node:os';
import path from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import { HttpStatus, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { Piscina } from 'piscina';
import { Refusal } from '../common/fault.ts';
import { type WorkerTasks } from './worker.ts';

/** How long one piece of work may take once it has begun, how many may wait for their turn, and how long a worker stays idle. */
const LONGEST = 30_000;
const MOST_WAITING = 40;
const IDLE = 60_000;

/** The compiled worker: threads of their own know no TypeScript. The same place from the source as from the build. */
const WORKER = path.resolve(import.meta.dirname, '../../dist/work/worker.js');

/**
 * Sheets and photos are made beside the thread that answers: nobody waits for somebody else's pack of copes. Work is given up when it
 * takes too long and when who asked has gone.
 */
@Injectable()
export class WorkPool implements OnModuleDestroy {
  private readonly workers = new Piscina({
    filename: WORKER,
    minThreads: 0,
    maxThreads: Math.min(4, Math.max(1, availableParallelism() - 1)),
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE,
    // Answers come before sheets where both want the processor.
    niceIncrement: 10,
  });

  /** Throws a Refusal when there is no room, or no end. gone: aborted when nobody waits for it any more. */
  async run<K extends keyof WorkerTasks>(
    name: K,
    asked: Parameters<WorkerTasks[K]>[0]['asked'],
    gone?: AbortSignal,
  ): Promise<Awaited<ReturnType<WorkerTasks[K]>>> {
    const stop = new AbortController();
    const { port1, port2 } = new MessageChannel();
    let late = false;
    let timer: NodeJS.Timeout | undefined;
    port1.once('message', () => {
      timer = setTimeout(() => {
        late = true;
        stop.abort();
      }, LONGEST);
    });
    const signal = gone ? AbortSignal.any([gone, stop.signal]) : stop.signal;
    try {
      return (await this.workers.run(
        { asked, begun: port2 },
        { name, signal, transferList: [port2] },
      )) as Awaited<ReturnType<WorkerTasks[K]>>;
    } catch (error) {
      if (gone?.aborted) throw GONE;
      if (late) throw TOO_LONG;
      if (error instanceof Error && /queue/i.test(error.message)) throw NO_ROOM;
      throw error;
    } finally {
      clearTimeout(timer);
      port1.close();
    }
  }

  async onModuleDestroy(): Promise<void> {
    await this.workers.destroy();
  }
}

const refusal = (code: string, message: string, status: HttpStatus) =>
  new Refusal({ code, message, path: '' }, status);

const NO_ROOM = refusal(
  'busy',
  `${MOST_WAITING} sheets are waiting to be made already: try again in a minute`,
  HttpStatus.SERVICE_UNAVAILABLE,
);
const TOO_LONG = refusal(
  'too-long',
  `this took longer than ${LONGEST / 1000} s and was given up: look at Inspect for a figure that no car has`,
  HttpStatus.UNPROCESSABLE_ENTITY,
);
/** Nobody reads this one; 499 is what servers commonly log for it. */
const GONE = refusal('gone', 'who asked for it has gone', 499 as HttpStatus);
