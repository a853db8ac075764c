import { isDeepStrictEqual } from 'node:util';
import { readRuleBook, type RuleBook, ruleBookFaults } from '@gyrus/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { RuleBookEntity } from './ruleBook.entity.ts';

const plain = (book: RuleBook): unknown => JSON.parse(JSON.stringify(book));

/** Rule books: those that ship with the program, and those that were taken in. */
@Injectable()
export class RuleBooksService {
  constructor(private readonly database: DataSource) {}

  /** Every edition of every book, by title, the newest of a book first. */
  async list(): Promise<RuleBook[]> {
    const found = await this.database.manager.find(RuleBookEntity, { order: { createdAt: 'DESC' } });
    const books = found
      .map(({ document }) => readRuleBook(document))
      .flatMap((read) => (read.ok ? [read.value] : []));
    // A book stands where the title of its newest edition does.
    const titles = new Map([...books].reverse().map(({ id, title }) => [id, title]));
    const titleOf = ({ id }: RuleBook) => titles.get(id) ?? '';
    return books.sort((a, b) => titleOf(a).localeCompare(titleOf(b)) || a.id.localeCompare(b.id));
  }

  async get(id: string): Promise<RuleBook> {
    const book = (await this.list()).find((one) => one.id === id);
    if (!book) throw notFound('this rule book');
    return book;
  }

  /** Takes a book in from a file. An edition that is there stays as it is: a book is superseded, never changed. */
  async take(document: unknown): Promise<RuleBook> {
    const read = readRuleBook(document);
    if (!read.ok) throw new Refusal(read.fault);
    // A book of an earlier version may say against itself what today's may not.
    const [fault] = ruleBookFaults(document);
    if (fault) throw new Refusal(fault);
    const book = read.value;
    const there = await this.database.manager.findOneBy(RuleBookEntity, {
      id: book.id,
      edition: book.edition,
    });
    const kept = there ? readRuleBook(there.document) : null;
    if (there && !(kept?.ok && isDeepStrictEqual(plain(kept.value), plain(book))))
      throw new Refusal({
        code: 'edition-there',
        message: `edition ${book.edition} of "${book.title}" is here already and jobs may be tied to it: give the changed book an edition of its own`,
        path: '/edition',
      });
    await this.add(book);
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
