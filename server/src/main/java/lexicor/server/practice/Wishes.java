package lexicor.server.practice;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.practice.patient.Wish;
import lexicor.server.practice.PracticeViews.WishView;
import lexicor.server.problems.Refusal;
import tools.jackson.databind.json.JsonMapper;

/** Patients set by hand, as they are sent and kept. */
public final class Wishes {
    private static final JsonMapper STORED = JsonMapper.shared();
    private static final int MOST_CONDITIONS = 2;

    private Wishes() {}

    static Wish read(String stored) {
        return stored.isEmpty() ? Wish.NOTHING : wish(STORED.readValue(stored, WishView.class));
    }

    static Wish wish(WishView view) {
        return new Wish(
                Optional.ofNullable(view.conditions()).map(Set::copyOf),
                Optional.ofNullable(view.age()),
                Set.copyOf(view.precautions()),
                Set.copyOf(view.warnings()));
    }

    /** As it was sent; null where all is drawn. */
    public static WishView view(String stored) {
        return stored.isEmpty() ? null : STORED.readValue(stored, WishView.class);
    }

    /** As it is kept; refuses what the complaint cannot be. */
    public static String checked(WishView wish, Complaint complaint, Catalogue catalogue) {
        if (wish == null) {
            return "";
        }
        List<String> conditions = Optional.ofNullable(wish.conditions()).orElse(List.of());
        if (conditions.size() > MOST_CONDITIONS) {
            throw Refusal.field("wish.conditions", "expected at most " + MOST_CONDITIONS);
        }
        for (String c : conditions) {
            if (!complaint.candidates().contains(c)) {
                throw Refusal.field("wish.conditions", c + " is no candidate of " + complaint.name());
            }
        }
        for (String p : Optional.ofNullable(wish.precautions()).orElse(List.of())) {
            if (catalogue.precaution(p).isEmpty()) {
                throw Refusal.field("wish.precautions", "there is no precaution " + p);
            }
        }
        for (String w : Optional.ofNullable(wish.warnings()).orElse(List.of())) {
            if (catalogue.warning(w).isEmpty()) {
                throw Refusal.field("wish.warnings", "there is no warning sign " + w);
            }
        }
        return STORED.writeValueAsString(new WishView(
                wish.conditions(),
                wish.age(),
                Optional.ofNullable(wish.precautions()).orElse(List.of()),
                Optional.ofNullable(wish.warnings()).orElse(List.of())));
    }
}
