/** A way in the bar; the one that leads here is marked by a line below and by its weight. */
export const BAR_WAY =
  "flex min-h-12 items-center border-b-[3px] border-transparent px-3 text-soft max-md:px-1 max-md:text-[15px] aria-[current=page]:border-teal aria-[current=page]:font-bold aria-[current=page]:text-ink";
