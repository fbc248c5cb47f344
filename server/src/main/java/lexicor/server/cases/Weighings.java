package lexicor.server.cases;

import java.util.List;
import lexicor.core.weighing.WeighedCondition;
import lexicor.server.standing.Standings;
import lexicor.server.standing.Weighed;
import org.springframework.stereotype.Component;

/** Cases weighed in full; a closed one beside where it would stand today. */
@Component
public class Weighings {
    /** A smaller difference of a probability does not show. */
    private static final double SEEN = 0.0005;

    private final OpenCases openCases;

    Weighings(OpenCases openCases) {
        this.openCases = openCases;
    }

    public Weighed of(OpenCase c) {
        Weighed then = Standings.weighed(c.bedside(), c.basis(), c.weighed(), c.earlier(), CasePlan.open(c));
        if (!c.record().isClosed()) {
            return then;
        }
        OpenCase today = openCases.today(c);
        return then.closed(
                c.basis().edition().since(),
                Standings.conditions(today.bedside(), today.basis(), today.ranked()),
                differs(c.ranked(), today.ranked()));
    }

    private static boolean differs(List<WeighedCondition> then, List<WeighedCondition> now) {
        for (int i = 0; i < then.size(); i++) {
            boolean elsewhere =
                    i >= now.size() || !then.get(i).id().equals(now.get(i).id());
            if (elsewhere || Math.abs(then.get(i).posttest() - now.get(i).posttest()) >= SEEN) {
                return true;
            }
        }
        return then.size() != now.size();
    }
}
