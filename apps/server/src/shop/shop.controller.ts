import {
  DieDto,
  MachineDto,
  type ShopSettings,
  ShopSettingsDto,
  TestBendDto,
  TubeStockDto,
} from '@gyrus/contract';
import { type Shop } from '@gyrus/core';
import {
  Body,
  Controller,
  Delete,
  Get,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
  Res,
  UploadedFile,
  UseInterceptors,
} from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import { type Response } from 'express';
import { fileIn, type FormFile, shownAs } from '../common/formFile.ts';
import { CertificatesService, LARGEST_CERTIFICATE } from './certificates.service.ts';
import { ShopSettingsService } from './shopSettings.service.ts';
import { ShopService } from './shop.service.ts';

/** Every change answers with the whole shop, so that pages have nothing to guess. */
@Controller('shop')
export class ShopController {
  constructor(
    private readonly shop: ShopService,
    private readonly settings: ShopSettingsService,
    private readonly certificates: CertificatesService,
  ) {}

  @Get()
  get(): Promise<Shop> {
    return this.shop.shop();
  }

  /** The unit that the shop measures in, and whose clock its sheets are printed by. */
  @Get('settings')
  settled(): Promise<ShopSettings> {
    return this.settings.get();
  }

  @Put('settings')
  settle(@Body() dto: ShopSettingsDto): Promise<ShopSettings> {
    return this.settings.change(dto);
  }

  @Post('machines')
  addMachine(@Body() dto: MachineDto): Promise<Shop> {
    return this.shop.addMachine(dto);
  }

  @Put('machines/:id')
  changeMachine(@Param('id', ParseUUIDPipe) id: string, @Body() dto: MachineDto): Promise<Shop> {
    return this.shop.changeMachine(id, dto);
  }

  @Delete('machines/:id')
  removeMachine(@Param('id', ParseUUIDPipe) id: string): Promise<Shop> {
    return this.shop.removeMachine(id);
  }

  @Post('machines/:id/dies')
  addDie(@Param('id', ParseUUIDPipe) id: string, @Body() dto: DieDto): Promise<Shop> {
    return this.shop.addDie(id, dto);
  }

  @Put('dies/:id')
  changeDie(@Param('id', ParseUUIDPipe) id: string, @Body() dto: DieDto): Promise<Shop> {
    return this.shop.changeDie(id, dto);
  }

  @Delete('dies/:id')
  removeDie(@Param('id', ParseUUIDPipe) id: string): Promise<Shop> {
    return this.shop.removeDie(id);
  }

  @Post('dies/:id/tests')
  addTest(@Param('id', ParseUUIDPipe) id: string, @Body() dto: TestBendDto): Promise<Shop> {
    return this.shop.addTest(id, dto);
  }

  @Delete('tests/:id')
  removeTest(@Param('id', ParseUUIDPipe) id: string): Promise<Shop> {
    return this.shop.removeTest(id);
  }

  @Post('tubes')
  addTube(@Body() dto: TubeStockDto): Promise<Shop> {
    return this.shop.addTube(dto);
  }

  @Delete('tubes/:id')
  removeTube(@Param('id', ParseUUIDPipe) id: string): Promise<Shop> {
    return this.shop.removeTube(id);
  }

  @Post('tubes/:id/certificate')
  @UseInterceptors(FileInterceptor('certificate', { limits: { fileSize: LARGEST_CERTIFICATE, files: 1 } }))
  keepCertificate(
    @Param('id', ParseUUIDPipe) id: string,
    @UploadedFile() file: FormFile | undefined,
  ): Promise<Shop> {
    const { name, bytes } = fileIn('certificate', file, 'the certificate');
    return this.certificates.keep(id, name, bytes);
  }

  /** Shown as what it is, and as nothing else. */
  @Get('tubes/:id/certificate')
  async certificate(@Param('id', ParseUUIDPipe) id: string, @Res() response: Response): Promise<void> {
    const { bytes, type } = await this.certificates.get(id);
    shownAs(response, type)
      .setHeader(
        'Content-Disposition',
        `inline; filename="certificate.${type === 'image/jpeg' ? 'jpg' : 'pdf'}"`,
      )
      .send(bytes);
  }
}
