import { fail, type Fault, type Outcome, succeed, under } from '../fault/index.ts';
import { type SpringbackModel } from './input.ts';
import { springbackFrom } from './springback.ts';

/** What a bend must be pulled to, and how far its radius grows. Degrees. */
export interface Pull {
  reading: number;
  /** Finished radius over the die's radius, never below 1. */
  growth: number;
  /** Which fit was used; for tests the line, share or constant that they gave. */
  fit: 'none' | 'constant' | 'share' | 'line';
  /** 90 % prediction interval of the released angle, where the tests are enough for one. */
  released: [number, number] | null;
}

/**
 * The pull for one bend. Growth: the elastic part opens the curvature, so a share s gives 1 + s and a fitted slope b
 * gives 1/b; a constant is slack and uses no tube (handbook §5).
 */
export function pullFor(angle: number, springback: SpringbackModel): Outcome<Pull> {
  switch (springback.model) {
    case 'none':
      return succeed({ reading: angle, growth: 1, fit: 'none', released: null });
    case 'constant':
      return succeed({ reading: angle + springback.degrees, growth: 1, fit: 'constant', released: null });
    case 'share':
      return succeed({
        reading: angle * (1 + springback.share),
        growth: 1 + springback.share,
        fit: 'share',
        released: null,
      });
    case 'tests': {
      const fit = under('/springback', springbackFrom({ tests: springback.tests, target: angle }));
      if (!fit.ok) return atTests(fit.fault);
      const { reading, b, model: fitted, released } = fit.value;
      return succeed({ reading, growth: 1 / Math.min(b, 1), fit: fitted, released });
    }
  }
}

/** The bend's angle follows from the points, so a fault of the target is one of the tests. */
const atTests = (fault: Fault) =>
  fail(fault.code, fault.path === '/springback/target' ? '/springback/tests' : fault.path, fault.message);
