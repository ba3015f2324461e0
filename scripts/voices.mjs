// Speaks the caller's numbers, one to a hundred in each tradition, with Debian's espeak-ng. Made at build, kept out of git:
//   node scripts/voices.mjs FOLDER
// Nothing is done where the folder already holds what this list of words makes.
import { execFile, execFileSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { promisify } from "node:util";

const folder = process.argv[2];
if (!folder) throw new Error("Say where to: node scripts/voices.mjs FOLDER");
const root = fileURLToPath(new URL("..", import.meta.url));
const source = readFileSync(join(root, "src/TidyHeron.Core/Timing/Data/count-words.json"), "utf8");
const version = execFileSync("espeak-ng", ["--version"], { encoding: "utf8" }).split("Data at")[0];
const made = createHash("sha256").update(source).update(version).update(readFileSync(fileURLToPath(import.meta.url))).digest("hex");
const stamp = join(folder, "made");
if (existsSync(stamp) && readFileSync(stamp, "utf8") === made) process.exit(0);

rmSync(folder, { recursive: true, force: true });
const run = promisify(execFile);
const jobs = [];
for (const [tradition, { voice, spoken, spokenTens }] of Object.entries(JSON.parse(source))) {
  mkdirSync(join(folder, tradition), { recursive: true });
  for (let n = 1; n <= 100; n++) {
    const [ten, unit] = [Math.floor(n / 10), n % 10];
    const words = n < 20 ? spoken[n - 1] : unit === 0 ? spokenTens[ten - 2] : `${spokenTens[ten - 2]} ${spoken[unit - 1]}`;
    jobs.push(["-v", voice, "-s", "190", "-a", "160", "-w", join(folder, tradition, `${n}.wav`), words]);
  }
}
const worker = async () => {
  for (let job = jobs.pop(); job; job = jobs.pop()) await run("espeak-ng", job);
};
await Promise.all([worker(), worker(), worker(), worker()]);
writeFileSync(stamp, made);
