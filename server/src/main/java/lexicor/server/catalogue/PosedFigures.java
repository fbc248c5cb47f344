package lexicor.server.catalogue;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.figures.ArmPose;
import lexicor.core.catalogue.figures.Figure;
import lexicor.core.catalogue.figures.Figures;
import lexicor.core.catalogue.figures.Figures.Grip;
import lexicor.core.catalogue.figures.NeckPose;
import lexicor.core.catalogue.figures.Posture;
import lexicor.core.catalogue.figures.Site;
import lexicor.core.catalogue.figures.View;

/** The figures as the browser needs them to draw; what may be missing is null. */
record PosedFigures(Map<String, Grip> grips, List<PosedFigure> tests) {

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
                figures.tests().stream().map(PosedFigures::posed).toList());
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
