import { extractText, getDocumentProxy } from 'unpdf';

/** What each page of a PDF says, read back from the file by a reader of other people's making; fractions as they are typeset. */
export async function pdfText(pdf: Buffer): Promise<string[]> {
  const document = await getDocumentProxy(new Uint8Array(pdf));
  const { text } = await extractText(document, { mergePages: false });
  return text;
}
