package lexicor.core.measuring;

import java.util.Optional;

/**
 * Pain and weakness of a resisted test read together, as practitioners do. What each suggests is a prompt; it is never
 * weighed.
 */
public enum ContractilePattern {
    STRONG_PAINLESS("strong and painless", "nothing that this muscle or its tendon would explain"),
    STRONG_PAINFUL("strong and painful", "an irritated muscle or tendon rather than a tear"),
    WEAK_PAINFUL("weak and painful", "a larger lesion, a partial tear perhaps, or too much pain to push"),
    WEAK_PAINLESS("weak and painless", "a complete tear, or the nerve");

    private final String words;
    private final String suggests;

    ContractilePattern(String words, String suggests) {
        this.words = words;
        this.suggests = suggests;
    }

    /**
     * Empty until both are recorded.
     *
     * @param painful the familiar pain, or more pain under load than at rest
     */
    public static Optional<ContractilePattern> of(Optional<Boolean> weak, Optional<Boolean> painful) {
        return weak.flatMap(
                w -> painful.map(p -> w ? p ? WEAK_PAINFUL : WEAK_PAINLESS : p ? STRONG_PAINFUL : STRONG_PAINLESS));
    }

    public String words() {
        return words;
    }

    public String suggests() {
        return suggests;
    }
}
