package lexicor.server.measures;

import java.util.Optional;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.measuring.MeasurementErrors;
import lexicor.server.measures.MeasureViews.ErrorFrom;
import lexicor.server.settings.DepartmentSettings;
import org.springframework.stereotype.Component;

/** What two measurements can differ by: what the department states, or else what its examiners were found to differ by. */
@Component
public class ErrorsInForce {
    private final SmallestRealChanges found;

    ErrorsInForce(SmallestRealChanges found) {
        this.found = found;
    }

    /** An error in the reading's unit, and where it comes from. */
    record Error(double of, ErrorFrom from) {}

    /**
     * @param value of which a percentage is taken, where it is stated as one
     * @return empty where it is neither stated nor found
     */
    public Optional<Double> of(DepartmentSettings department, Measure measure, ReadingLeaf reading, double value) {
        return error(department, measure, reading, value).map(Error::of);
    }

    Optional<Error> error(DepartmentSettings department, Measure measure, ReadingLeaf reading, double value) {
        MeasurementErrors stated = department.measurementErrors();
        return stated.of(reading.reading(), value)
                .map(e -> new Error(e, ErrorFrom.STATED))
                .or(() -> found.of(measure, reading).map(e -> new Error(e, ErrorFrom.TWO_EXAMINERS)));
    }
}
