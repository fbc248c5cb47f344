package lexicor.core.catalogue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What the readers of the single files put together before it is checked as a whole. */
final class Content {
    final List<ClinicalTest> tests = new ArrayList<>();
    final List<Condition> conditions = new ArrayList<>();
    final List<Complaint> complaints = new ArrayList<>();
    final List<Ladder> ladders = new ArrayList<>();
    final List<WarningSign> warnings = new ArrayList<>();
    final List<Cluster> clusters = new ArrayList<>();
    final List<CountHabit> counts = new ArrayList<>();
    final List<HistoryItem> history = new ArrayList<>();
    final Map<String, List<String>> examines = new LinkedHashMap<>();
    MeasureList measures;
    final List<AccuracyRow> accuracy = new ArrayList<>();
    final Map<String, SignOff> signOffs = new LinkedHashMap<>();
}
