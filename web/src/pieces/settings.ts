/** Where patients present, in words. */
const NAMES: Record<string, string> = {
  community: "community",
  sports: "sports",
  specialist: "specialist clinic",
};

/** In their usual order. */
export const SETTINGS = ["community", "sports", "specialist"] as const;

export const settingName = (setting: string) => NAMES[setting] ?? setting;
