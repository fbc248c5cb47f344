// Installs what the lock names, unless that is what is there already.
import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";

const STAMP = "node_modules/.installed";
const lock = createHash("sha256").update(readFileSync("package-lock.json")).digest("hex");

if (!existsSync(STAMP) || readFileSync(STAMP, "utf8") !== lock) {
  const { status } = spawnSync("npm", ["ci", "--no-audit", "--no-fund"], { stdio: "inherit" });
  if (status !== 0) {
    process.exit(status ?? 1);
  }
  writeFileSync(STAMP, lock);
}
