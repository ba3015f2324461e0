import type { Schemas } from "../../api/client";

type Comparison = Schemas["ComparisonResponse"];

const likenessWords: Record<Comparison["lines"][number]["likeness"], string> = {
  same: "the same",
  mirrored: "mirrored",
  turned: "turned",
  different: "different",
  onlyFirst: "only on the left",
  onlySecond: "only on the right",
};

/** Two versions side by side, aligned move by move, with the differences in words. */
export function ComparisonTable({ comparison, left, right }: { comparison: Comparison; left: string; right: string }) {
  const different = comparison.lines.filter((l) => l.likeness !== "same").length;
  return (
    <>
      <p role="status" className="text-ink-soft">
        {different === 0 ? "No differences." : `${different} of ${comparison.lines.length} lines differ.`}
      </p>
      <table className="mt-2 w-full table-fixed border-collapse">
        <thead>
          <tr className="text-left text-sm text-ink-soft">
            <th scope="col" className="w-[38%] px-2 py-1 font-normal">
              {left}
            </th>
            <th scope="col" className="w-[38%] px-2 py-1 font-normal">
              {right}
            </th>
            <th scope="col" className="px-2 py-1 font-normal">
              How they relate
            </th>
          </tr>
        </thead>
        <tbody>
          {comparison.lines.map((line, i) => (
            <tr
              // biome-ignore lint/suspicious/noArrayIndexKey: lines have no other name
              key={i}
              className={`border-t border-line align-top ${line.likeness === "same" ? "text-ink-soft" : "bg-sheet"}`}
            >
              <Side move={line.first} />
              <Side move={line.second} />
              <td className="px-2 py-1">
                {line.likeness !== "same" && <b>{likenessWords[line.likeness]}</b>}
                {line.differences.map((d) => (
                  <span key={d} className="block text-sm">
                    {d}
                  </span>
                ))}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

function Side({ move }: { move: Comparison["lines"][number]["first"] }) {
  return (
    <td className="px-2 py-1">
      {move ? (
        <>
          {move.count > 0 && <b className="mr-1.5 font-title">{move.count}</b>}
          {move.words}
        </>
      ) : (
        <>
          <span aria-hidden="true">—</span>
          <span className="sr-only">nothing here</span>
        </>
      )}
    </td>
  );
}
