import { gzipSync } from "node:zlib";
import type { Plugin } from "vite";

/** What a page may load of script before it can be used, in kB as it is sent (compressed), and the modules it opens with. */
type Page = { opens: string[]; most: number };

/** Stops the build where a page would load more script than it may. */
export function budget(pages: Record<string, Page>): Plugin {
  return {
    name: "budget",
    apply: "build",
    generateBundle(_, bundle) {
      const chunks = Object.values(bundle).filter((c) => c.type === "chunk");
      const loadedBy = (file: string, seen: Set<string>) => {
        const chunk = bundle[file];
        if (seen.has(file) || chunk?.type !== "chunk") return;
        seen.add(file);
        for (const imported of chunk.imports) loadedBy(imported, seen);
      };
      for (const [page, { opens, most }] of Object.entries(pages)) {
        const loaded = new Set<string>();
        for (const chunk of chunks.filter((c) => c.isEntry)) loadedBy(chunk.fileName, loaded);
        for (const module of opens) {
          const chunk = chunks.find((c) => c.moduleIds.some((id) => id.endsWith(module)));
          if (!chunk)
            this.error(
              `The budget of the ${page} names ${module}, which is no page that is loaded by itself.`,
            );
          else loadedBy(chunk.fileName, loaded);
        }
        const code = [...loaded].map((file) => bundle[file]).map((c) => (c?.type === "chunk" ? c.code : ""));
        const size = code.reduce((sum, text) => sum + gzipSync(text).length, 0) / 1000;
        const said = `The ${page} loads ${size.toFixed(1)} kB of compressed script; it may load ${most}.`;
        if (size > most) this.error(said);
        this.info(said);
      }
    },
  };
}
