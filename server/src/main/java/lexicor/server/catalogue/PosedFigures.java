package lexicor.server.catalogue;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.figures.ArmPose;
import lexicor.core.catalogue.figures.BodyMap;
import lexicor.core.catalogue.figures.Figure;
import lexicor.core.catalogue.figures.Figures;
import lexicor.core.catalogue.figures.Figures.Grip;
import lexicor.core.catalogue.figures.NeckPose;
import lexicor.core.catalogue.figures.PlaceMap;
import lexicor.core.catalogue.figures.Posture;
import lexicor.core.catalogue.figures.Site;
import lexicor.core.catalogue.figures.View;

/** The figures as the browser needs them to draw; what may be missing is null. */
record PosedFigures(
        Map<String, Grip> grips,
        List<PosedFigure> tests,
        List<PosedMap> maps,
        List<PosedBody> body,
        List<PosedMovement> movements) {

    record PosedFigure(
            String id,
            Posture posture,
            double lean,
            PosedView view,
            List<String> shows,
            boolean alone,
            ArmPose arm,
            ArmPose other,
            NeckPose neck,
            @Schema(nullable = true) Figure.Start start,
            @Schema(nullable = true) Site way,
            List<Figure.Contact> contacts,
            List<PosedForce> forces,
            List<Figure.Held> held,
            List<Site> feel) {}

    /** A region with the places at which tests look or feel. */
    record PosedMap(String name, PosedFigure drawn, List<PlaceMap.Mark> marks) {}

    /** A body with the areas where it can hurt. */
    record PosedBody(String name, PosedFigure drawn, List<BodyMap.Area> areas) {}

    /** A movement whose angle is shown and set on the drawing. */
    record PosedMovement(String test, String at, PosedFigure drawn, String angle, boolean opposite, Site mark) {}

    record PosedView(double turn, double raise, @Schema(nullable = true) View.Closeup closeup) {}

    record PosedForce(
            Site site,
            Figure.Force.Kind kind,
            String direction,
            @Schema(nullable = true) ArmPose to,
            Figure.Force.By by,
            double size) {}

    static PosedFigures of(Figures figures) {
        return new PosedFigures(
                figures.grips(),
                figures.tests().stream().map(PosedFigures::posed).toList(),
                figures.maps().stream()
                        .map(m -> new PosedMap(m.name(), posed(m.drawn()), m.marks()))
                        .toList(),
                figures.body().stream()
                        .map(m -> new PosedBody(m.name(), posed(m.drawn()), m.areas()))
                        .toList(),
                figures.movements().stream()
                        .map(m -> new PosedMovement(
                                m.test(), m.at(), posed(m.drawn()), m.angle(), m.opposite(), m.mark()))
                        .toList());
    }

    private static PosedFigure posed(Figure f) {
        return new PosedFigure(
                f.id(),
                f.posture(),
                f.lean(),
                new PosedView(
                        f.view().turn(), f.view().raise(), f.view().closeup().orElse(null)),
                f.shows(),
                f.alone(),
                f.arm(),
                f.other(),
                f.neck(),
                f.start().orElse(null),
                f.way().orElse(null),
                f.contacts(),
                f.forces().stream()
                        .map(force -> new PosedForce(
                                force.site(),
                                force.kind(),
                                force.direction(),
                                force.to().orElse(null),
                                force.by(),
                                force.size()))
                        .toList(),
                f.held(),
                f.feel());
    }
}
