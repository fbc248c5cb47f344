// node body.mjs FIGURES.json (what /api/figures answers) draws the body for the reports anew, after its poses or areas have changed.
import { readFileSync, writeFileSync } from "node:fs";
import { runnerImport } from "vite";

const { module } = await runnerImport("./src/figures/bodyPicture.ts");
const figures = JSON.parse(readFileSync(process.argv[2], "utf8"));
writeFileSync("../server/src/main/resources/body.json", `${JSON.stringify(module.bodyPictures(figures))}\n`);
