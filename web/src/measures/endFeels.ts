/** How the end of a passive movement feels. */
export const END_FEELS = ["hard", "firm", "soft", "springy", "empty", "guarded"];
