package lexicor.core.catalogue;

import java.util.ArrayList;
import java.util.List;

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
    final List<AccuracyRow> accuracy = new ArrayList<>();
}
