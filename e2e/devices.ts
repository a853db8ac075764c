import { type ChildProcess, spawn } from 'node:child_process';
import path from 'node:path';

/** The simulated dial and gauge, as `npm run devices` starts them, for the server of this worker. */
export class Devices {
  private readonly child: ChildProcess;
  private readonly ready: Promise<void>;

  constructor() {
    const ports = (process.env.GYRUS_DEVICE_PORTS ?? '4731').split(' ');
    const port = ports[Number(process.env.TEST_PARALLEL_INDEX ?? 0)] ?? '4731';
    this.child = spawn(
      process.execPath,
      [path.resolve(import.meta.dirname, '../apps/devices/dist/main.js')],
      {
        env: { ...process.env, GYRUS_DEVICES: port, GYRUS_DEVICES_SEED: '11' },
        stdio: ['pipe', 'pipe', 'inherit'],
      },
    );
    this.ready = new Promise((resolve) => this.child.stdout?.once('data', () => resolve()));
  }

  /** Types a line at their terminal. */
  async type(line: string): Promise<void> {
    await this.ready;
    this.child.stdin?.write(`${line}\n`);
  }

  stop(): void {
    this.child.kill('SIGTERM');
  }
}
