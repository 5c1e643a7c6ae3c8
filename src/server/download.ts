import Papa from 'papaparse';

/** Headers of an answer that the browser keeps as a file. */
export const download = (name: string, type: string) => ({
  'content-type': type,
  'content-disposition': `attachment; filename="${name}"`,
});

/** Rows as a table: records, whose names make its head, or lists with the head among them. */
export const csv = (rows: readonly (readonly string[] | Record<string, unknown>)[], name: string): Response =>
  new Response(`${Papa.unparse([...rows] as object[], { newline: '\r\n' })}\r\n`, {
    headers: download(name, 'text/csv; charset=utf-8; header=present'),
  });
