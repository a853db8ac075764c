import { hiddenBender, normalFrom, releasedBy } from '@gyrus/core';
import { type Command } from './command.ts';

/** How much the readings shake. Degrees */
const DIAL_NOISE = 0.04;
const GAUGE_NOISE = 0.06;

/** What is wrong with a device for a while. */
type Ailment = 'silent' | 'babble' | 'stray';

/**
 * A bender's dial and an angle gauge, with a bender of a hidden springback behind them. Nothing happens but by commands and by time, which
 * is told: `tick` moves all of it on by so many milliseconds and gives the lines that are sent then.
 */
export class SimulatedDevices {
  private readonly bender;
  private readonly chance;
  private readonly shake;
  /** Where the die stands, and where it goes; the dial shows the die less what it was zeroed at. Degrees */
  private die = 0;
  private to = 0;
  private rate = 0;
  private zero = 0;
  private zeroed = false;
  private furthest = 0;
  /** What the gauge lies on; null before a release. */
  private released: number | null = null;
  private ailing: Partial<Record<'dial' | 'gauge', { with: Ailment; left: number }>> = {};

  constructor(seed: number) {
    this.bender = hiddenBender(seed);
    this.chance = normalFrom(seed + 1);
    this.shake = normalFrom(seed + 2);
    this.die = this.bender.slack;
    this.to = this.die;
  }

  /** Does what is asked. */
  do(command: Command): void {
    switch (command.do) {
      case 'zero':
        this.zero = this.die;
        this.zeroed = true;
        return;
      case 'pull':
        this.to = command.to + (this.zeroed ? this.zero : 0);
        this.rate = command.rate;
        return;
      case 'release':
        return this.release();
      case 'next':
        return this.takeOut();
      case 'ail':
        this.ailing[command.device] = { with: command.with, left: command.seconds * 1000 };
        return;
    }
  }

  /** Moves on, and says what the devices say. */
  tick(milliseconds: number): string[] {
    const step = (this.rate * milliseconds) / 1000;
    this.die = this.die < this.to ? Math.min(this.to, this.die + step) : this.die;
    this.furthest = Math.max(this.furthest, this.die);
    const dial = this.die - (this.zeroed ? this.zero : 0) + DIAL_NOISE * this.shake();
    const gauge = this.released === null ? null : this.released + GAUGE_NOISE * this.shake();
    return [
      ...this.said('dial', tenth(dial), milliseconds),
      ...this.said('gauge', gauge === null ? null : Math.max(0, tenth(gauge)), milliseconds),
    ];
  }

  private release(): void {
    const reading = this.furthest - (this.zeroed ? this.zero : 0);
    this.released = releasedBy(this.bender, { reading, zeroed: this.zeroed }, this.chance);
    // Let go, the die goes back to where the tube holds it.
    this.die = this.released + (this.zeroed ? this.zero : 0);
    this.to = this.die;
  }

  private takeOut(): void {
    this.released = null;
    this.zeroed = false;
    this.zero = 0;
    this.furthest = 0;
    this.die = this.bender.slack;
    this.to = this.die;
  }

  private said(device: 'dial' | 'gauge', deg: number | null, milliseconds: number): string[] {
    const ailment = this.ailing[device];
    if (ailment) {
      ailment.left -= milliseconds;
      if (ailment.left <= 0) delete this.ailing[device];
      if (ailment.with === 'silent') return [];
      if (ailment.with === 'babble') return [`~${device}#${String(deg)}{`];
      return [JSON.stringify({ device, deg: 999.9 })];
    }
    return [JSON.stringify({ device, deg })];
  }
}

const tenth = (value: number): number => Math.round(value * 10) / 10;
