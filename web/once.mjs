// node once.mjs install|build does the step, unless it was done on the same files and what it made is still there.
import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";

const STEPS = {
  install: { npm: ["ci", "--no-audit", "--no-fund"], makes: "node_modules", from: ["package-lock.json"] },
  build: {
    npm: ["run", "build"],
    makes: "dist/index.html",
    from: [
      "src",
      "public",
      "index.html",
      "openapi.json",
      "package.json",
      "package-lock.json",
      "biome.json",
      "tsconfig.json",
      "vite.config.ts",
      "budget.ts",
      "markdown.ts",
      "../docs",
      "once.mjs",
    ],
  },
};
const GENERATED = join("src", "api", "schema.d.ts");

const under = (path) =>
  statSync(path).isDirectory() ? readdirSync(path).flatMap((name) => under(join(path, name))) : [path];

const { npm, makes, from } = STEPS[process.argv[2]];
// Among what is installed: gone when that is made anew, and not shipped.
const stamp = join("node_modules", `.done-${process.argv[2]}`);
const digest = createHash("sha256");
for (const file of from.flatMap(under).filter((f) => f !== GENERATED)) {
  digest.update(`${file}\0`).update(readFileSync(file)).update("\0");
}
const files = digest.digest("hex");

if (!existsSync(makes) || !existsSync(stamp) || readFileSync(stamp, "utf8") !== files) {
  const { status } = spawnSync("npm", npm, { stdio: "inherit" });
  if (status !== 0) {
    process.exit(status ?? 1);
  }
  writeFileSync(stamp, files);
}
