import { showShoppingAmount } from '$core';
import { shoppingFor } from '$lib/server/shopping';
import Papa from 'papaparse';

export const GET = async ({ url, locals }) => {
  const { rows } = await locals.inSchool((trx) => shoppingFor(trx, url.searchParams.getAll('recipe')));
  // a cell that starts with = or @ would be run by a spreadsheet
  const csv = Papa.unparse(
    rows.map((row) => ({
      item: row.item,
      amount: showShoppingAmount(row),
      group: row.group,
      kept: row.keep ?? '',
      recipes: row.from.join('; '),
    })),
    { escapeFormulae: true, newline: '\r\n' },
  );
  return new Response(`\ufeff${csv}\r\n`, {
    headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': 'attachment; filename="shopping-list.csv"' },
  });
};
