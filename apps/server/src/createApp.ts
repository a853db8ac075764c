import 'reflect-metadata';
import { NestFactory } from '@nestjs/core';
import { type NestExpressApplication } from '@nestjs/platform-express';
import { json } from 'express';
import { type Logger } from 'pino';
import { AppModule } from './app.module.ts';
import { noteEscapes, refuseUnkeepable } from './common/bodyGuard.ts';
import { refuseStrangers } from './common/callers.ts';
import { ExceptionBoundary } from './common/exceptionBoundary.ts';
import { validation } from './common/validation.ts';
import { LoadOnce } from './database/loadOnce.ts';
import { prepareDatabase } from './database/prepare.ts';
import { servePages } from './pages.ts';

/** What the server is started with. */
export interface AppSettings {
  databaseUrl: string;
  /** Folder of the built pages; none in API tests. */
  pages: string | null;
  demo: boolean;
  log: Logger;
}

/** The whole server, ready to listen. Throws UnusableDatabase where the data cannot be used. */
export async function createApp({
  databaseUrl,
  pages,
  demo,
  log,
}: AppSettings): Promise<NestExpressApplication> {
  await prepareDatabase(databaseUrl);
  const app = await NestFactory.create<NestExpressApplication>(AppModule.on(databaseUrl), {
    logger: ['error', 'warn'],
    bodyParser: false,
  });
  app.use(refuseStrangers);
  app.use(json({ limit: '4mb', verify: noteEscapes }));
  app.use(refuseUnkeepable);
  if (pages) servePages(app, pages);
  app.setGlobalPrefix('api');
  app.useGlobalPipes(validation());
  app.useGlobalFilters(new ExceptionBoundary(log));
  app.enableShutdownHooks();
  await app.init();
  await app.get(LoadOnce).run(demo);
  return app;
}
