import { recordOf } from '@gyrus/core';
import { SaveRevisionDto } from '@gyrus/contract';
import { type ArgumentMetadata, Injectable, type PipeTransform } from '@nestjs/common';
import { validation } from '../common/validation.ts';

/**
 * Checks the envelope of a save against its class, and leaves the plan in it as it came: the plan has a check of its own, and copying its
 * thousands of figures into classes first would cost more than all else about a save.
 */
@Injectable()
export class SaveBody implements PipeTransform<unknown, Promise<SaveRevisionDto>> {
  private readonly envelope = validation();

  async transform(body: unknown, metadata: ArgumentMetadata): Promise<SaveRevisionDto> {
    const { plan, ...rest } = recordOf(body);
    const isObject = typeof plan === 'object' && plan !== null && !Array.isArray(plan);
    const checked = (await this.envelope.transform(
      { ...rest, plan: isObject ? {} : plan },
      { ...metadata, type: 'body', metatype: SaveRevisionDto },
    )) as SaveRevisionDto;
    return Object.assign(checked, { plan });
  }
}
