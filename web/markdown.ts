import { readFile } from "node:fs/promises";
import { Marked } from "marked";
import type { Plugin } from "vite";

const ASKED = ".md?html";

/** A name that can stand in an address. */
const slug = (words: string) => words.toLowerCase().replace(/[^a-z0-9]+/g, "-");

/** Documents as pages of the application: made when it is built, so that it reads no markdown itself. */
export function markdown(): Plugin {
  const marked = new Marked({
    renderer: {
      heading({ tokens, depth, text }) {
        return `<h${depth} id="${slug(text)}" tabindex="-1">${this.parser.parseInline(tokens)}</h${depth}>\n`;
      },
      link({ href, tokens }) {
        const to = /^[a-z]+\.md$/.test(href) ? `/help/${href.slice(0, -".md".length)}` : href;
        return `<a href="${to}">${this.parser.parseInline(tokens)}</a>`;
      },
    },
  });
  return {
    name: "markdown",
    enforce: "pre",
    async load(id) {
      if (!id.endsWith(ASKED)) {
        return undefined;
      }
      const file = id.slice(0, -"?html".length);
      this.addWatchFile(file);
      // What is too wide scrolls by itself, by keys as well.
      const html = (await marked.parse(await readFile(file, "utf8"))).replace(
        /<(pre|table)>/g,
        '<$1 tabindex="0" data-wide>',
      );
      const headings = [...html.matchAll(/<h2 id="([^"]+)"[^>]*>(.*?)<\/h2>/g)].map(([, to, name]) => ({
        to,
        name,
      }));
      return `export default ${JSON.stringify({ html, headings })}`;
    },
  };
}
