import { Module } from '@nestjs/common';
import { ShopController } from './shop.controller.ts';
import { ShopService } from './shop.service.ts';

/** The shop's machines, dies and tube. */
@Module({ controllers: [ShopController], providers: [ShopService], exports: [ShopService] })
export class ShopModule {}
