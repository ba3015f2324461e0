import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import { Link, useParams } from "react-router";
import { answer, api, byField, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Field";
import { Refused } from "../../ui/Refused";
import { useLast } from "../../ui/useLast";
import { Waiting } from "../../ui/Waiting";
import { useSavedEdit } from "../forms/useSavedEdit";
import { EndOnTheSpot } from "./EndOnTheSpot";
import { centimetres } from "./FloorView";
import { bodyOf, NumberField, PerformerFields, usePerformer, useRemembering } from "./Performer";
import { RoomView } from "./RoomView";
import { Sums } from "./Sums";

type Room = Schemas["RoomDocument"];

interface Asked {
  room: Room;
  mayTurn: boolean;
  frontCm: number | null;
  limitCm: number;
  endX: number;
  endY: number;
}

const remembered = "heron.room";

function lastAsked(): Asked {
  const usual: Asked = {
    room: { widthCm: 800, depthCm: 800, borderCm: 100, ceilingCm: null },
    mayTurn: false,
    frontCm: null,
    limitCm: 15,
    endX: 0,
    endY: 0,
  };
  try {
    return { ...usual, ...JSON.parse(localStorage.getItem(remembered) ?? "{}") };
  } catch {
    return usual;
  }
}

/** What floor and ceiling a form takes for one body, where to start in a room, and how to end on the spot. */
export default function FloorPage() {
  const { id = "" } = useParams();
  const [asked, setAsked] = useState(lastAsked);
  const [performer, setPerformer, rememberPerformer] = usePerformer();
  const [apply, problem] = useSavedEdit(id);
  const form = useQuery({
    queryKey: ["walkForm", id],
    queryFn: () => answer(api.GET("/api/forms/{id}", { params: { path: { id } } })),
    gcTime: 0,
  });
  const rings = useQuery({ queryKey: ["rings"], queryFn: () => answer(api.GET("/api/floor/rings")) });
  const body = form.data && {
    form: form.data.form,
    room: asked.room,
    ...bodyOf(performer),
    mayTurn: asked.mayTurn,
    frontCm: asked.frontCm,
    limitCm: asked.limitCm,
    endAt: { x: asked.endX, y: asked.endY },
  };
  const plan = useQuery({
    queryKey: ["floor", id, form.data?.revision, asked, performer],
    queryFn: () => answer(api.POST("/api/floor", { body: body as NonNullable<typeof body> })),
    enabled: body !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const readings = useQuery({
    queryKey: ["floorReadings", id, form.data?.revision, performer.heightCm],
    queryFn: () =>
      answer(
        api.POST("/api/readings", {
          body: { form: form.data?.form ?? { title: "" }, heightCm: performer.heightCm },
        }),
      ),
    enabled: body !== undefined,
    placeholderData: keepPreviousData,
  });
  useRemembering(
    plan.isSuccess && !plan.isPlaceholderData,
    useCallback(() => {
      localStorage.setItem(remembered, JSON.stringify(asked));
      rememberPerformer();
    }, [asked, rememberPerformer]),
  );
  const ask = (part: Partial<Asked>) => setAsked({ ...asked, ...part });
  const shown = useLast(plan.data);
  const read = useLast(readings.data);
  if (!form.data || !shown || !read) return <Waiting error={form.error ?? plan.error ?? readings.error} />;

  const wrong = byField(plan.error);
  const { fit, sections, spacing, rose, tape } = shown;
  const metres = (name: "widthCm" | "depthCm" | "borderCm" | "ceilingCm", label: string) => (
    <NumberField
      label={label}
      value={inMetres(asked.room[name])}
      placeholder="any"
      errors={wrong[`room.${name}`]}
      onChange={(m) => {
        const cm = m === null ? null : m * 100;
        ask({ room: { ...asked.room, [name]: name === "ceilingCm" ? cm : (cm ?? 0) } });
      }}
    />
  );
  return (
    <main className="flex flex-1 flex-col gap-5 p-3 sm:p-4">
      <header className="flex flex-wrap items-baseline gap-x-4">
        <Link to={`/forms/${id}`} className="text-sm text-water underline">
          Back to the score
        </Link>
        <h1 className="text-2xl">{form.data.title}: floor and room</h1>
        <span className="text-ink-soft">
          {centimetres(shown.widthCm)} wide, {centimetres(shown.depthCm)} deep, {centimetres(shown.ceilingCm)} high
          {shown.weapon && `, with a ${shown.weapon}`}
        </span>
      </header>
      {problem && (
        <p role="alert" className="bg-ember-soft px-3 py-1 text-ember">
          {problem}
        </p>
      )}
      <div className="grid gap-5 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <RoomView room={asked.room} plan={shown} readings={read} />
        <div className="flex flex-col gap-4">
          <section className="flex flex-col gap-2">
            <h2 className="text-xl">Room or ring</h2>
            <Choice
              label="Size"
              options={[
                ["", "as given below"],
                ...(rings.data ?? []).map((r) => [JSON.stringify(r.room), r.name] as const),
              ]}
              value={
                (rings.data ?? []).map((r) => JSON.stringify(r.room)).find((r) => r === JSON.stringify(asked.room)) ??
                ""
              }
              onChange={(e) => e.target.value && ask({ room: JSON.parse(e.target.value) as Room })}
            />
            <div className="grid grid-cols-2 gap-2">
              {metres("widthCm", "Width, m")}
              {metres("depthCm", "Depth, m")}
              {metres("borderCm", "Border around it, m")}
              {metres("ceilingCm", "Ceiling, m")}
              <NumberField
                label="Wanted from the front edge, m"
                value={inMetres(asked.frontCm)}
                placeholder="any"
                errors={wrong.frontCm}
                onChange={(m) => ask({ frontCm: m === null ? null : m * 100 })}
              />
            </div>
            <PerformerFields performer={performer} errors={wrong} onChange={setPerformer} />
            <label className="flex items-center gap-2">
              <input
                type="checkbox"
                className="size-5"
                checked={asked.mayTurn}
                onChange={(e) => ask({ mayTurn: e.target.checked })}
              />
              May face another edge
            </label>
            <Refused error={plan.error} beside={besideFields} />
            <p aria-live="polite" className={`border-l-4 px-3 py-1 ${fit.fits ? "border-water" : "border-ember"}`}>
              {fit.fits ? "It fits. " : "It does not fit. "}
              Start {where(fit.start)}
              {fit.turnedDegrees !== 0 && `, facing the ${["front", "right", "back", "left"][fit.turnedDegrees / 90]}`}.
              Free: front {centimetres(fit.front)}, back {centimetres(fit.back)}, left {centimetres(fit.left)}, right{" "}
              {centimetres(fit.right)}.
            </p>
            {fit.over.length > 0 && (
              <ul className="text-sm">
                {fit.over.map((o) => (
                  <li key={`${o.count}${o.edge}`}>
                    {o.count ? `Count ${o.count}` : "Without a count"}: {centimetres(o.byCm)} over the {o.edge}
                    {o.onBorder && ", on the border"}
                  </li>
                ))}
              </ul>
            )}
          </section>
          <section>
            <h2 className="text-xl">Sections in this room</h2>
            <table className="mt-1 w-full text-left">
              <thead className="text-sm text-ink-soft">
                <tr>
                  <th className="font-normal">Section</th>
                  <th className="font-normal">Takes</th>
                  <th className="font-normal">Fits</th>
                </tr>
              </thead>
              <tbody>
                {sections.map((s) => (
                  <tr key={s.id} className="border-t border-line">
                    <td>
                      <b>{s.letter}</b> {s.name}
                    </td>
                    <td className="tabular-nums">
                      {(s.widthCm / 100).toFixed(1)} × {(s.depthCm / 100).toFixed(1)} m
                    </td>
                    <td>{s.fit.fits ? (s.fit.turnedDegrees ? `turned ${s.fit.turnedDegrees}°` : "yes") : "no"}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
          <section>
            <h2 className="text-xl">Side by side</h2>
            <p>
              {centimetres(spacing.sideBySideCm)} from start to start, {centimetres(spacing.behindCm)} from row to row.{" "}
              {spacing.perRow * spacing.rows > 0
                ? `${spacing.perRow} in a row, ${spacing.rows} ${spacing.rows === 1 ? "row" : "rows"}.`
                : "Nobody fits whole."}
            </p>
          </section>
        </div>
      </div>
      <div className="grid gap-6 lg:grid-cols-3">
        <EndOnTheSpot
          end={shown.end}
          mayEdit={form.data.mayEdit}
          limitCm={asked.limitCm}
          at={{ x: asked.endX, y: asked.endY }}
          errors={wrong}
          onAsk={ask}
          onApply={apply}
        />
        <section>
          <h2 className="text-xl">Star of tape</h2>
          <p>
            {centimetres(tape.totalCm)} of tape in all{tape.cutOff && "; some lines end at the wall"}. Lines from the
            starting spot:
          </p>
          <ul className="mt-1">
            {tape.lines.map((l) => (
              <li key={l.heading} className="border-t border-line py-1">
                <b>{l.headingName}</b>: {centimetres(l.lengthCm)}; marks at{" "}
                {l.marks.map((m) => `${Math.round(m.fromCentreCm)} cm (${m.feet})`).join(", ")}
              </li>
            ))}
          </ul>
          <Button className="no-print mt-2" onClick={() => print()}>
            Print
          </Button>
        </section>
        <section>
          <h2 className="text-xl">Techniques by direction</h2>
          <ul>
            {rose.map((p) => (
              <li key={p.heading} className="flex items-center gap-2">
                <span className="w-28">{p.headingName}</span>
                <span
                  className="h-3 bg-water"
                  style={{ width: `${(100 * p.techniques) / Math.max(...rose.map((r) => r.techniques)) / 2}%` }}
                />
                <span className="tabular-nums">{p.techniques}</span>
              </li>
            ))}
          </ul>
        </section>
      </div>
      <Sums sums={shown.sums} />
    </main>
  );
}

/** What is said wrong beside one of the fields. */
const besideFields = ["room", "frontCm", "heightCm", "measured", "limitCm"];

const inMetres = (cm: number | null | undefined) => (cm == null ? null : cm / 100);

function where(start: { x: number; y: number }) {
  const parts = [];
  if (Math.abs(start.y) >= 1) parts.push(`${centimetres(Math.abs(start.y))} ${start.y > 0 ? "in front of" : "behind"}`);
  if (Math.abs(start.x) >= 1)
    parts.push(`${centimetres(Math.abs(start.x))} to the ${start.x > 0 ? "right" : "left"} of`);
  return parts.length === 0 ? "in the middle" : `${parts.join(" and ")} the middle`;
}
