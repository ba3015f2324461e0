import { Link } from "react-router";
import type { RowProps } from "./Score";

/** What stands below a move: weapon, note, applications, findings, other ways. */
export function RowRemarks(props: RowProps) {
  const { move } = props;
  return (
    <>
      {move.weapon && <span>{move.weapon}</span>}
      {move.stepAdjustCm !== 0 && (
        <span className="text-reed">
          Step {Math.abs(Math.round(move.stepAdjustCm * 10) / 10)} cm {move.stepAdjustCm > 0 ? "longer" : "shorter"}, to
          end on the spot
        </span>
      )}
      {props.note && <span className="text-ink-soft">“{props.note}”</span>}
      {props.applications?.map((a) => (
        <Link key={a.id} to={`/applications/${a.id}`} className="w-fit text-water underline decoration-dotted">
          Application: {a.name}
        </Link>
      ))}
      {props.findings?.map((f) => (
        <span
          key={f.rule + f.message}
          className="flex flex-wrap items-center gap-x-3 gap-y-1 border-l-4 border-reed bg-reed-soft px-2 py-1"
        >
          <span>{f.message}</span>
          {props.mayEdit &&
            f.fixes.map((fix, k) => (
              <RowButton key={fix.label} onClick={() => props.onFix(f, k)}>
                {fix.label}
              </RowButton>
            ))}
          {props.mayEdit && <RowButton onClick={() => props.onAccept(f)}>Let it stand…</RowButton>}
        </span>
      ))}
      {props.accepted?.map((a) => (
        <span key={a.rule + a.message} className="flex flex-wrap items-baseline gap-x-3 text-ink-soft">
          <span>
            Let stand, because {a.reason}: {a.message}
          </span>
          {props.mayEdit && <RowButton onClick={() => props.onReopen(a)}>Take up again</RowButton>}
        </span>
      ))}
      {move.alternatives.map((a, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: alternatives have no other name
        <span key={k} className="flex flex-wrap items-baseline gap-x-3">
          <span>
            <b>Or ({a.whose}):</b> {a.words}
          </span>
          {props.mayEdit && (
            <>
              <RowButton onClick={() => props.onAlternative(move.id, k, "use")}>Do it this way</RowButton>
              <RowButton onClick={() => props.onAlternative(move.id, k, "drop")}>Take out</RowButton>
            </>
          )}
        </span>
      ))}
    </>
  );
}

function RowButton({ onClick, children }: { onClick: () => void; children: React.ReactNode }) {
  return (
    <button type="button" className="font-semibold text-water underline" onClick={onClick}>
      {children}
    </button>
  );
}
