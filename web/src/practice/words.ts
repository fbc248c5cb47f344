const SETTINGS: Record<string, string> = {
  community: "community",
  sports: "sports",
  specialist: "specialist clinic",
};

export const settingName = (setting: string) => SETTINGS[setting] ?? setting;
