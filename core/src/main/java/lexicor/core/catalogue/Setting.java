package lexicor.core.catalogue;

/** Where the patient presents; base rates differ between them. */
public enum Setting {
    COMMUNITY,
    SPORTS,
    SPECIALIST;

    /** The name used in packs, files and the API. */
    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
