import { readRuleBook, type RuleBook } from '@gyrus/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { notFound } from '../common/fault.ts';
import { RuleBookEntity } from './ruleBook.entity.ts';

@Injectable()
export class RuleBooksService {
  constructor(private readonly database: DataSource) {}

  /** The newest edition of every book, by title. */
  async list(): Promise<RuleBook[]> {
    const found = await this.database.manager.find(RuleBookEntity, { order: { createdAt: 'DESC' } });
    const newest = [...new Map(found.reverse().map((one) => [one.id, one.document])).values()];
    return newest.sort((a, b) => a.title.localeCompare(b.title)).filter((book) => readRuleBook(book).ok);
  }

  async get(id: string): Promise<RuleBook> {
    const book = (await this.list()).find((one) => one.id === id);
    if (!book) throw notFound('this rule book');
    return book;
  }

  /** Adds an edition, or leaves the one that is there. */
  async add(book: RuleBook): Promise<void> {
    await this.database.manager
      .createQueryBuilder()
      .insert()
      .into(RuleBookEntity)
      .values({ id: book.id, edition: book.edition, document: book })
      .orIgnore()
      .execute();
  }
}
