import { getDocumentProxy } from 'unpdf';

/** A text of a page, and how far its baseline stands above the page's lower edge. Points */
export interface PlacedText {
  text: string;
  up: number;
}

/** The texts of each page of a PDF with their height on it, read back by a reader of other people's making. */
export async function pdfPlaces(pdf: Buffer): Promise<PlacedText[][]> {
  const document = await getDocumentProxy(new Uint8Array(pdf));
  const numbers = Array.from({ length: document.numPages }, (_, i) => i + 1);
  return Promise.all(
    numbers.map(async (number) => {
      const { items } = await (await document.getPage(number)).getTextContent();
      return items.flatMap((item) =>
        'str' in item && item.str.trim() !== '' ? [{ text: item.str, up: Number(item.transform[5]) }] : [],
      );
    }),
  );
}
