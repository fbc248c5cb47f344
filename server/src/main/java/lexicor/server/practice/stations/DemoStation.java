package lexicor.server.practice.stations;

import java.util.List;
import lexicor.core.catalogue.Setting;
import lexicor.core.practice.station.Mark.Kind;
import lexicor.server.people.SignedIn;
import lexicor.server.practice.PracticeViews.WishView;
import lexicor.server.practice.stations.StationViews.MarkView;
import lexicor.server.practice.stations.StationViews.StationChange;
import lexicor.server.signin.DemoAccounts;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** A station of the demo clinic waits for its student. */
@Component
@Order
@ConditionalOnExpression("'${lexicor.demo}' != ''")
class DemoStation implements ApplicationRunner {
    private static final String LEAD = "heron";
    private static final String STUDENT = "dunlin";

    private final StationService stations;
    private final StationStore store;
    private final DemoAccounts accounts;
    private final SignedIn signedIn;

    DemoStation(StationService stations, StationStore store, DemoAccounts accounts, SignedIn signedIn) {
        this.stations = stations;
        this.store = store;
        this.accounts = accounts;
        this.signedIn = signedIn;
    }

    @Override
    public void run(ApplicationArguments args) {
        accounts.create();
        if (store.count() == 0) {
            signedIn.as(accounts.person(LEAD), () -> stations.create(stiffShoulder()));
        }
    }

    private static StationChange stiffShoulder() {
        return new StationChange(
                null,
                "Stiff and sore",
                "shoulder-pain",
                Setting.COMMUNITY,
                41L,
                10,
                new WishView(List.of("frozen-shoulder"), null, List.of(), List.of()),
                false,
                List.of(
                        new MarkView(Kind.PERMISSION, null, 1),
                        new MarkView(Kind.OTHER_SIDE, null, 2),
                        new MarkView(Kind.NECK, null, 2),
                        new MarkView(Kind.TEST, "shoulder-movements", 3),
                        new MarkView(Kind.SAFE, null, 3),
                        new MarkView(Kind.PLAN, null, 2)),
                List.of(STUDENT));
    }
}
