/** The heads of a plain table. */
export const TableHead = ({ names }: { names: string[] }) => (
  <thead className="bg-sheet2 text-quiet text-sm">
    <tr>
      {names.map((name) => (
        <th key={name} scope="col" className="px-3 py-1.5 font-medium">
          {name}
        </th>
      ))}
    </tr>
  </thead>
);
