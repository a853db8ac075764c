import { availableParallelism } from 'node:os';
import path from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import { HttpStatus, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { Piscina } from 'piscina';
import { Refusal } from '../common/fault.ts';
import { type WorkerTasks } from './worker.ts';

/** How long one piece of work may take once it has begun (ms), and how many may wait for their turn. */
export interface WorkLimits {
  longest: number;
  mostWaiting: number;
}

const LIMITS: WorkLimits = { longest: 30_000, mostWaiting: 40 };

/** After which a worker without work ends. ms */
const IDLE = 60_000;

/** What starts the compiled worker: threads of their own know no TypeScript. The same place from the source as from the build. */
const WORKER = path.resolve(import.meta.dirname, '../../worker.cjs');

/**
 * Sheets and photos are made beside the thread that answers: nobody waits for somebody else's pack of copes. Work is given up when it
 * takes too long and when who asked has gone.
 */
@Injectable()
export class WorkPool implements OnModuleDestroy {
  private readonly workers: Piscina;
  /** Begun, or waiting for its turn. */
  private inHand = 0;

  constructor(private readonly limits: WorkLimits = LIMITS) {
    this.workers = new Piscina({
      filename: WORKER,
      // One is kept: it takes the next in the line after work that was given up with its worker.
      minThreads: 1,
      maxThreads: Math.min(4, Math.max(1, availableParallelism() - 1)),
      idleTimeout: IDLE,
      // Answers come before sheets where both want the processor.
      niceIncrement: 10,
    });
  }

  /** Throws a Refusal when there is no room, or no end. gone: aborted when nobody waits for it any more. */
  async run<K extends keyof WorkerTasks>(
    name: K,
    asked: Parameters<WorkerTasks[K]>[0]['asked'],
    gone?: AbortSignal,
  ): Promise<Awaited<ReturnType<WorkerTasks[K]>>> {
    // The pool's own limit does not count what waits for a worker that is still starting.
    if (this.inHand >= this.limits.mostWaiting + this.workers.maxThreads) throw noRoom(this.limits);
    this.inHand += 1;
    const stop = new AbortController();
    const giveUp = () => stop.abort();
    const clock = clockFor(this.limits.longest, giveUp);
    if (gone?.aborted) giveUp();
    gone?.addEventListener('abort', giveUp, { once: true });
    try {
      return (await this.workers.run(
        { asked, begun: clock.port },
        { name, signal: stop.signal, transferList: [clock.port] },
      )) as Awaited<ReturnType<WorkerTasks[K]>>;
    } catch (error) {
      if (gone?.aborted) throw whoAskedHasGone();
      if (clock.isOver()) throw tooLong(this.limits);
      throw error;
    } finally {
      this.inHand -= 1;
      gone?.removeEventListener('abort', giveUp);
      clock.stop();
    }
  }

  async onModuleDestroy(): Promise<void> {
    await this.workers.destroy();
  }
}

/** A time limit that runs from when the worker says over its port that it has begun. */
function clockFor(longest: number, onOver: () => void) {
  const { port1, port2 } = new MessageChannel();
  let over = false;
  let timer: NodeJS.Timeout | undefined;
  port1.once('message', () => {
    timer = setTimeout(() => {
      over = true;
      onOver();
    }, longest);
  });
  return {
    port: port2,
    isOver: () => over,
    stop: () => {
      clearTimeout(timer);
      port1.close();
    },
  };
}

const refusal = (code: string, message: string, status: HttpStatus) =>
  new Refusal({ code, message, path: '' }, status);

const noRoom = ({ mostWaiting }: WorkLimits): Refusal =>
  refusal(
    'busy',
    `${mostWaiting} sheets are waiting to be made already: try again in a minute`,
    HttpStatus.SERVICE_UNAVAILABLE,
  );

const tooLong = ({ longest }: WorkLimits): Refusal =>
  refusal(
    'too-long',
    `this took longer than ${longest / 1000} s and was given up: look at Inspect for a figure that no car has`,
    HttpStatus.UNPROCESSABLE_ENTITY,
  );

/** Nobody reads this one; 499 is what servers commonly write down for it. */
const whoAskedHasGone = (): Refusal => refusal('gone', 'who asked for it has gone', 499 as HttpStatus);
