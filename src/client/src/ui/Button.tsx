import type { ButtonHTMLAttributes } from "react";

type Kind = "plain" | "strong" | "quiet";

const looks: Record<Kind, string> = {
  plain: "border border-line-strong bg-sheet hover:bg-sunk",
  strong: "border border-water bg-water text-on-strong hover:opacity-90",
  quiet: "border border-transparent hover:bg-sunk",
};

export function Button({
  kind = "plain",
  className = "",
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { kind?: Kind }) {
  return (
    <button
      type="button"
      className={`inline-flex min-h-9 items-center gap-1.5 rounded px-3 py-1 disabled:opacity-50 ${looks[kind]} ${className}`}
      {...rest}
    />
  );
}
