package lexicor.server.measures;

import java.util.Optional;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.ReadingLeaf;

/** What two examiners of the department can differ by in one patient, where enough patients were measured by two. */
public interface SmallestRealChanges {
    /** In the reading's unit; empty where too few were measured twice. */
    Optional<Double> of(Measure measure, ReadingLeaf reading);
}
