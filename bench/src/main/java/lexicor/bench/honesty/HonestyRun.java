package lexicor.bench.honesty;

import java.io.IOException;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.packs.Packs;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.honesty.Clinic;
import lexicor.core.honesty.Judged;
import lexicor.core.honesty.Misled;
import lexicor.core.honesty.Orders;
import lexicor.core.honesty.Scenario;
import lexicor.core.weighing.input.WeighingSettings;

/** {@code lexicor bench honesty}: made-up clinics weighed by every school, scored. The same seed gives the same tables. */
public final class HonestyRun {
    private static final List<String> COMPLAINTS =
            List.of("shoulder-pain", "shoulder-slipping", "thumb-side-tingling", "wrist-radial");
    private static final long SEED = 20_260;

    final Map<Scenario, Map<Complaint, Judged>> judged = new EnumMap<>(Scenario.class);
    /** All complaints of a scenario. */
    final Map<Scenario, Judged> together = new EnumMap<>(Scenario.class);

    final Map<Scenario, Orders> orders = new EnumMap<>(Scenario.class);
    final Map<Scenario, Misled> frozen = new EnumMap<>(Scenario.class);
    final int patients;

    /**
     * @param patients of each complaint in each scenario
     * @param examinations followed test by test, of each complaint in each scenario
     */
    HonestyRun(Path packs, int patients, int examinations) {
        this.patients = patients;
        Catalogue catalogue = Packs.read(packs);
        EvidenceBase evidence = EvidenceBase.of(catalogue, HighBias.CORRECTED);
        for (Scenario scenario : Scenario.values()) {
            Map<Complaint, Judged> byComplaint = new LinkedHashMap<>();
            Orders followed = new Orders();
            for (String id : COMPLAINTS) {
                Complaint complaint = catalogue.complaint(id).orElseThrow();
                long seed = SEED + 31L * scenario.ordinal() + COMPLAINTS.indexOf(id);
                Clinic clinic = clinic(catalogue, evidence, complaint);
                byComplaint.put(complaint, Judged.of(clinic, scenario, patients, seed));
                followed.run(clinic, scenario, examinations, seed);
            }
            judged.put(scenario, byComplaint);
            together.put(scenario, Judged.together(List.copyOf(byComplaint.values())));

            orders.put(scenario, followed);
            frozen.put(
                    scenario,
                    new Misled(
                            clinic(
                                    catalogue,
                                    evidence,
                                    catalogue.complaint(COMPLAINTS.get(0)).orElseThrow()),
                            scenario,
                            patients,
                            SEED + scenario.ordinal()));
        }
    }

    private static Clinic clinic(Catalogue catalogue, EvidenceBase evidence, Complaint complaint) {
        return Clinic.of(catalogue, evidence, WeighingSettings.DEFAULT, complaint, Setting.SPORTS);
    }

    public static void run(Path root) throws IOException {
        HonestyRun run = new HonestyRun(root.resolve("packs"), 400, 60);
        HonestyPage page = new HonestyPage(run);
        page.writeTo(root);
        System.out.print(page.tables());
    }
}
