import { type INestApplication, RequestMethod, type Type } from '@nestjs/common';
import {
  METHOD_METADATA,
  PATH_METADATA,
  ROUTE_ARGS_METADATA,
  SSE_METADATA,
} from '@nestjs/common/constants.js';
import { RouteParamtypes } from '@nestjs/common/internal';
import { ModulesContainer } from '@nestjs/core';

/** One route of the program, as its controller declares it. */
export interface Route {
  method: 'get' | 'post' | 'put' | 'patch' | 'delete';
  /** With its parameters, `/api/jobs/:id`. */
  path: string;
  /** The class that its body or query is checked against; null where it has none, `unknown` where it takes any document. */
  body: Type | 'unknown' | null;
  query: Type | null;
  /** Takes a file in a form. */
  file: boolean;
}

/** Every route of the running program: a new one is met without being listed anywhere. */
export function routesOf(app: INestApplication): Route[] {
  const modules = [...app.get(ModulesContainer).values()];
  return modules
    .flatMap((one) => [...one.controllers.values()])
    .flatMap(({ metatype }) => (metatype ? routesIn(metatype as Type) : []));
}

function routesIn(controller: Type): Route[] {
  const prefix = Reflect.getMetadata(PATH_METADATA, controller) as string;
  const prototype = controller.prototype as Record<string, object>;
  return Object.getOwnPropertyNames(prototype).flatMap((name) => {
    const handler = prototype[name];
    const verb = Reflect.getMetadata(METHOD_METADATA, handler ?? {}) as number | undefined;
    if (!handler || verb === undefined) return [];
    // A stream has no end to wait for, and takes nothing.
    if (Reflect.getMetadata(SSE_METADATA, handler)) return [];
    const own = Reflect.getMetadata(PATH_METADATA, handler) as string;
    const types = (Reflect.getMetadata('design:paramtypes', prototype, name) ?? []) as Type[];
    const args = (Reflect.getMetadata(ROUTE_ARGS_METADATA, controller, name) ?? {}) as Record<
      string,
      { index: number }
    >;
    const typeOf = (kind: number): Type | null => {
      const found = Object.entries(args).find(([key]) => key.startsWith(`${kind}:`));
      return found ? (types[found[1].index] ?? null) : null;
    };
    const body = typeOf(RouteParamtypes.BODY);
    return [
      {
        method: METHODS[verb] ?? 'get',
        path: ['/api', prefix, own].filter((part) => part !== '' && part !== '/').join('/'),
        body: (body as unknown) === Object ? ('unknown' as const) : body,
        query: typeOf(RouteParamtypes.QUERY),
        file: Object.keys(args).some((key) => key.startsWith(`${RouteParamtypes.FILE}:`)),
      },
    ];
  });
}

const METHODS: Partial<Record<number, Route['method']>> = {
  [RequestMethod.GET]: 'get',
  [RequestMethod.POST]: 'post',
  [RequestMethod.PUT]: 'put',
  [RequestMethod.PATCH]: 'patch',
  [RequestMethod.DELETE]: 'delete',
};
