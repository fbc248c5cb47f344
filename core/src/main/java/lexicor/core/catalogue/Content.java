package lexicor.core.catalogue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.figures.Figures;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.JudgedSign;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.catalogue.simulated.Simulation;

/** A catalogue being put together: what the readers of the single files found, before it is checked as a whole. */
public final class Content {
    public final List<ClinicalTest> tests = new ArrayList<>();
    public final List<Condition> conditions = new ArrayList<>();
    public final List<Complaint> complaints = new ArrayList<>();
    public final List<Ladder> ladders = new ArrayList<>();
    public final List<WarningSign> warnings = new ArrayList<>();
    public final List<Cluster> clusters = new ArrayList<>();
    public final List<CountHabit> counts = new ArrayList<>();
    public final List<HistoryItem> history = new ArrayList<>();
    public final Map<String, List<String>> examines = new LinkedHashMap<>();
    public final List<VisitCore> cores = new ArrayList<>();
    public final List<StageRule> stageRules = new ArrayList<>();
    public final List<TestSet> sets = new ArrayList<>();
    public final List<Raising> raisings = new ArrayList<>();
    public final List<Precaution> precautions = new ArrayList<>();
    public final List<Definition> definitions = new ArrayList<>();
    public Provokes provokes = Provokes.NONE;
    public FingerMap fingers = FingerMap.NONE;
    public Figures figures = Figures.NONE;
    public Simulation simulation = Simulation.NONE;
    public MeasureList measures;
    public final List<JudgedSign> judged = new ArrayList<>();
    public Relations relations = Relations.NONE;
    public AgeOdds ages = AgeOdds.NONE;
    public final List<AccuracyRow> accuracy = new ArrayList<>();
    public final Map<String, SignOff> signOffs = new LinkedHashMap<>();
}
