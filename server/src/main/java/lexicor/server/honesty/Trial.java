package lexicor.server.honesty;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Setting;
import lexicor.core.honesty.Calibration;
import lexicor.core.honesty.Clinic;
import lexicor.core.honesty.Judged;
import lexicor.core.honesty.Scenario;
import lexicor.core.honesty.Scores;
import lexicor.core.weighing.School;
import lexicor.server.honesty.TrialViews.ClinicView;
import lexicor.server.honesty.TrialViews.EstimateView;
import lexicor.server.honesty.TrialViews.State;
import lexicor.server.honesty.TrialViews.TrialView;
import lexicor.server.honesty.TrialViews.WayView;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** One trial: run by one thread, looked at by others. */
final class Trial implements Runnable {
    private static final Logger LOG = LoggerFactory.getLogger(Trial.class);
    private static final long SEED = 20_261;
    private static final int CLINICS = Scenario.values().length;
    private static final String NOTHING =
            "Nothing of this complaint can be weighed with the figures that weigh here, so there is nothing to try.";

    private final Clinic clinic;
    private final int patients;
    private final Duration most;
    private volatile TrialView view;

    /**
     * @param patients of each made-up clinic, if there is time
     * @param most how long it may take; each clinic has its share
     */
    Trial(Clinic clinic, Complaint complaint, Setting setting, int patients, Duration most) {
        this.clinic = clinic;
        this.patients = patients;
        this.most = most;
        view = new TrialView(State.RUNNING, 0, complaint.name(), setting, List.of(), "");
    }

    TrialView view() {
        return view;
    }

    boolean isRunning() {
        return view.state() == State.RUNNING;
    }

    @Override
    public void run() {
        try {
            List<ClinicView> clinics = new ArrayList<>();
            long began = System.nanoTime();
            for (Scenario scenario : Scenario.values()) {
                clinics.add(tried(scenario, began + most.toNanos() * (clinics.size() + 1) / CLINICS));
                show(State.RUNNING, (double) clinics.size() / CLINICS, clinics, "");
            }
            boolean nothing = clinics.stream().anyMatch(c -> c.ways().isEmpty());
            show(nothing ? State.FAILED : State.DONE, 1, nothing ? List.of() : clinics, nothing ? NOTHING : "");
        } catch (RuntimeException e) {
            LOG.error("a trial of how right the program is came to an end", e);
            show(State.FAILED, 1, List.of(), "The trial came to an end by a fault of the program; its log says more.");
        }
    }

    private void show(State state, double progress, List<ClinicView> clinics, String problem) {
        view = new TrialView(state, progress, view.complaint(), view.setting(), List.copyOf(clinics), problem);
    }

    private ClinicView tried(Scenario scenario, long until) {
        AtomicInteger begun = new AtomicInteger();
        Judged judged = Judged.of(clinic, scenario, patients, SEED + scenario.ordinal(), () -> {
            show(State.RUNNING, (scenario.ordinal() + (double) begun.get() / patients) / CLINICS, view.clinics(), "");
            boolean goesOn =
                    System.nanoTime() < until && !Thread.currentThread().isInterrupted();
            begun.addAndGet(goesOn ? 1 : 0);
            return goesOn;
        });
        List<WayView> ways = new ArrayList<>();
        Map<String, List<double[]>> points = new LinkedHashMap<>();
        for (School school : School.values()) {
            Scores scores = judged.by(school);
            if (scores.judgements() > 0) {
                ways.add(way(school, scores, judged.by(School.OVERLAP_AWARE)));
                points.put(school.id(), scores.points());
            }
        }
        return new ClinicView(scenario.words(), begun.get(), ways, points);
    }

    private static WayView way(School school, Scores scores, Scores byItself) {
        Calibration line = scores.calibration();
        return new WayView(
                school,
                EstimateView.of(scores.logLoss()),
                EstimateView.of(scores.savedAgainst(byItself)),
                EstimateView.of(scores.brier()),
                EstimateView.of(line.intercept()),
                EstimateView.of(line.slope()),
                scores.atEighty().right(),
                scores.atEighty().of(),
                EstimateView.of(scores.coverage(false)),
                EstimateView.of(scores.coverage(true)));
    }
}
