import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, byField, type Schemas } from "../../api/client";
import { Refused } from "../../ui/Refused";
import { NumberField } from "./Performer";

/** Small sums of the trade for this body, each with its formula and source. */
export function Sums({ sums }: { sums: readonly Schemas["WorkedReading"][] }) {
  const [lever, setLever] = useState({ staffCm: 181.8, pivotCm: 20, betweenCm: 25 });
  const worked = useQuery({
    queryKey: ["lever", lever],
    queryFn: () => answer(api.POST("/api/floor/lever", { body: lever })),
    retry: false,
  });
  const wrong = byField(worked.error);
  return (
    <section>
      <h2 className="text-xl">Sums for this body</h2>
      <dl className="mt-1 grid gap-x-6 sm:grid-cols-2 xl:grid-cols-3">
        {sums.map((s) => (
          <Sum key={s.name} sum={s} />
        ))}
        {worked.data && <Sum sum={{ ...worked.data, name: "Staff: the tip goes further than the hand" }} />}
      </dl>
      <div className="no-print grid max-w-md grid-cols-3 gap-2">
        <NumberField
          label="Staff, cm"
          value={lever.staffCm}
          errors={wrong.staffCm}
          onChange={(staffCm) => staffCm !== null && setLever({ ...lever, staffCm })}
        />
        <NumberField
          label="Still hand at, cm"
          value={lever.pivotCm}
          errors={wrong.pivotCm}
          onChange={(pivotCm) => pivotCm !== null && setLever({ ...lever, pivotCm })}
        />
        <NumberField
          label="Between hands, cm"
          value={lever.betweenCm}
          errors={wrong.betweenCm}
          onChange={(betweenCm) => betweenCm !== null && setLever({ ...lever, betweenCm })}
        />
      </div>
      <Refused error={worked.error} beside={Object.keys(lever)} />
    </section>
  );
}

function Sum({ sum }: { sum: Schemas["WorkedReading"] }) {
  return (
    <div className="border-t border-line py-1">
      <dt>
        {sum.name}:{" "}
        <b>
          {sum.value} {sum.unit}
        </b>
      </dt>
      <dd className="text-sm text-ink-soft">
        {sum.formula}. {sum.source}.
      </dd>
    </div>
  );
}
