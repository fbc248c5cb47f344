package lexicor.server.content;

import java.util.Arrays;
import java.util.stream.Collectors;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.server.catalogue.Editions;
import lexicor.server.content.ContentViews.ContentForms;
import lexicor.server.content.ContentViews.PatientsTried;
import lexicor.server.content.ContentViews.Trial;
import lexicor.server.content.ContentViews.Tried;
import lexicor.server.problems.Refusal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Forms for the content, and entries tried out, over HTTP. */
@RestController
@RequestMapping("/api/evidence")
class ContentController {
    private final Editions editions;
    private final EntryTrials trials;
    private final PatientTrials patients;

    ContentController(Editions editions, EntryTrials trials, PatientTrials patients) {
        this.editions = editions;
        this.trials = trials;
        this.patients = patients;
    }

    /** What each kind of entry is filled in with, and what there is to choose. */
    @GetMapping("/forms")
    ContentForms forms() {
        return new ContentForms(
                Arrays.stream(PackEntry.Kind.values()).collect(Collectors.toMap(PackEntry.Kind::id, EntryForms::of)),
                Arrays.stream(PackEntry.Kind.values())
                        .filter(k -> !k.keys().isEmpty())
                        .collect(Collectors.toMap(PackEntry.Kind::id, PackEntry.Kind::keys)),
                Vocabularies.of(editions.catalogue()));
    }

    /** What the entry would be; nothing is stored. */
    @PostMapping("/trials/{kind}/{*id}")
    Tried tryOut(@PathVariable String kind, @PathVariable String id, @RequestBody Trial trial) {
        // A question's id has a slash in it, so the id is the whole rest of the address.
        return trials.tryOut(known(kind), id.substring(1), trial);
    }

    /** Which textbook patients would be read otherwise with the entry; nothing is stored. */
    @PostMapping("/patient-trials/{kind}/{*id}")
    PatientsTried tryOnPatients(@PathVariable String kind, @PathVariable String id, @RequestBody Trial trial) {
        return patients.tryOut(known(kind), id.substring(1), trial);
    }

    private static PackEntry.Kind known(String kind) {
        return PackEntry.Kind.withId(kind)
                .orElseThrow(() -> Refusal.notFound("There are no entries of the kind " + kind + "."));
    }
}
