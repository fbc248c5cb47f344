package lexicor.server.content;

import static lexicor.server.content.FieldForm.Type.BY_CHOICE;
import static lexicor.server.content.FieldForm.Type.BY_NAME;
import static lexicor.server.content.FieldForm.Type.CHOICE;
import static lexicor.server.content.FieldForm.Type.CHOICES;
import static lexicor.server.content.FieldForm.Type.CHOICES_OR_NEW;
import static lexicor.server.content.FieldForm.Type.CHOICE_OR_NEW;
import static lexicor.server.content.FieldForm.Type.DEFINITION;
import static lexicor.server.content.FieldForm.Type.FIELDS;
import static lexicor.server.content.FieldForm.Type.FLAG;
import static lexicor.server.content.FieldForm.Type.ID;
import static lexicor.server.content.FieldForm.Type.LINES;
import static lexicor.server.content.FieldForm.Type.LIST;
import static lexicor.server.content.FieldForm.Type.LONG;
import static lexicor.server.content.FieldForm.Type.NUMBER;
import static lexicor.server.content.FieldForm.Type.RULE;
import static lexicor.server.content.FieldForm.Type.SHARE;
import static lexicor.server.content.FieldForm.Type.STEP;
import static lexicor.server.content.FieldForm.Type.TEXT;
import static lexicor.server.content.FieldForm.Type.WHOLE;
import static lexicor.server.content.FieldForm.Type.WORDS;
import static lexicor.server.content.FieldForm.field;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.Sex;
import lexicor.core.catalogue.packs.PackEntry.Kind;
import lexicor.core.examination.Wording;

/** What can be said of each kind of entry, in the order of its form. */
public final class EntryForms {
    private static final FieldForm ENTRY_ID =
            field(ID, "id", "Name in files and links").hint("Made from the name; it never changes once it is stored.");
    private static final FieldForm KEYED =
            field(ID, "id", "Name in files and links").hint("Made of what it is about.");
    private static final FieldForm NAME = field(TEXT, "name", "Name");
    private static final FieldForm SHORT =
            field(TEXT, "short", "Short name").optional().hint("Where there is little room; at most 26 characters.");
    private static final FieldForm[] RATES = {
        field(SHARE, "community", "Community clinic"),
        field(SHARE, "sports", "Sports clinic"),
        field(SHARE, "specialist", "Specialist clinic")
    };

    private static final Map<Kind, List<FieldForm>> FORMS = new EnumMap<>(Kind.class);

    static {
        FORMS.put(Kind.TEST, test());
        FORMS.put(
                Kind.CONDITION,
                List.of(
                        NAME,
                        ENTRY_ID,
                        SHORT,
                        field(CHOICE, "region", "Region").from(Vocabularies.REGION),
                        field(TEXT, "icd10", "ICD-10 code")
                                .hint("A letter and two digits, and up to four more after a point, as in M75.1."),
                        field(FIELDS, "pretest", "Base rate")
                                .hint("How likely it is before anything is known, by the kind of clinic.")
                                .with(RATES),
                        field(SHARE, "ruleOut", "Put aside below")
                                .hint("The line below which it is ruled out for now."),
                        field(SHARE, "act", "Act above").hint("The line above which it is treated as likely."),
                        field(LONG, "onward", "Onward step"),
                        field(FLAG, "traumaOnly", "Only after an injury")
                                .optional()
                                .hint("A candidate only where an injury is recorded."),
                        field(FLAG, "mustNotMiss", "Must not be missed")
                                .optional()
                                .hint("Bedside tests never put it aside once there was an injury or a warning."),
                        field(FLAG, "properName", "Begins with a proper name")
                                .optional()
                                .hint("Its name keeps its capital in the middle of a sentence.")));
        FORMS.put(
                Kind.COMPLAINT,
                List.of(
                        NAME,
                        ENTRY_ID,
                        field(CHOICES, "regions", "Regions").from(Vocabularies.REGION),
                        field(CHOICES, "candidates", "Candidates")
                                .from(Vocabularies.CONDITION)
                                .hint("What is weighed for it, the likely ones first."),
                        field(BY_CHOICE, "pretests", "Base rates for this complaint")
                                .optional()
                                .from(Vocabularies.CONDITION)
                                .hint("In place of the condition's own.")
                                .with(RATES),
                        field(CHOICES, "also", "Tests proposed whatever the candidates are")
                                .optional()
                                .from(Vocabularies.TEST),
                        field(FLAG, "injury", "It means that there was an injury")
                                .optional(),
                        field(CHOICES, "hurts", "Where on the body it hurts")
                                .optional()
                                .from(Vocabularies.AREA)));
        FORMS.put(Kind.LADDER, ladder());
        FORMS.put(
                Kind.WARNING,
                List.of(
                        ENTRY_ID,
                        field(LONG, "when", "When it is shown"),
                        field(LONG, "message", "What it says"),
                        field(CHOICES, "sets", "Precautions that it sets")
                                .optional()
                                .from(Vocabularies.PRECAUTION),
                        field(CHOICES, "setsAfterInjury", "Precautions that it sets after an injury")
                                .optional()
                                .from(Vocabularies.PRECAUTION),
                        field(CHOICES, "scope", "Where they hold")
                                .optional()
                                .from(Vocabularies.SCOPE)
                                .hint(
                                        "Everywhere, the arm without the neck, the region of what raised it, or regions."),
                        field(CHOICES, "cautions", "Tests that are done with care")
                                .optional()
                                .from(Vocabularies.TEST),
                        field(FLAG, "discreet", "For the examiner's eyes alone")
                                .optional()
                                .hint("Not where a companion reads it, and not on the patient's page.")));
        FORMS.put(Kind.CLUSTER, cluster());
        FORMS.put(
                Kind.COUNT,
                List.of(
                        NAME,
                        ENTRY_ID,
                        field(CHOICE, "condition", "Condition").from(Vocabularies.CONDITION),
                        field(CHOICES, "members", "Criteria").from(Vocabularies.CRITERION),
                        field(WHOLE, "atLeast", "Counted as positive from").within(1, 40),
                        field(LONG, "note", "Note")));
        FORMS.put(
                Kind.QUESTION,
                List.of(
                        field(TEXT, "ask", "What is asked"),
                        ENTRY_ID,
                        field(FLAG, "finding", "It is a finding that figures can be weighed with")
                                .optional(),
                        field(BY_CHOICE, "notches", "Moves the starting value")
                                .optional()
                                .from(Vocabularies.CONDITION)
                                .hint("Notches from -2 (far less likely) to 2 (far more likely).")
                                .with(field(WHOLE, "", "Notches").within(-2, 2)),
                        field(CHOICE, "from", "Answered by").optional().from(Vocabularies.ANSWERED_BY),
                        field(WHOLE, "ageFrom", "Yes from this age on")
                                .optional()
                                .within(1, 120),
                        field(WHOLE, "ageBelow", "Yes below this age")
                                .optional()
                                .within(1, 120),
                        field(CHOICES, "complaints", "Asked of whoever comes with")
                                .optional()
                                .from(Vocabularies.COMPLAINT),
                        field(FLAG, "injury", "A yes means that there was an injury")
                                .optional(),
                        field(FLAG, "withoutInjury", "A yes says that it began without an injury")
                                .optional(),
                        field(CHOICES, "excludes", "Questions that cannot be yes as well")
                                .optional()
                                .from(Vocabularies.QUESTION),
                        field(FLAG, "trauma", "A yes means that there was an injury (as written in the first edition)")
                                .optional()));
        FORMS.put(
                Kind.PRECAUTION,
                List.of(
                        field(TEXT, "label", "What it is called"),
                        ENTRY_ID,
                        field(CHOICES, "blocks", "Tests that it blocks")
                                .optional()
                                .from(Vocabularies.TEST)
                                .hint("Besides those that list it themselves."),
                        field(CHOICES, "cautions", "Tests that are done with care")
                                .optional()
                                .from(Vocabularies.TEST),
                        field(BY_CHOICE, "eased", "Blocked tests that are a caution alone")
                                .optional()
                                .from(Vocabularies.TEST)
                                .hint("While that condition is a candidate.")
                                .with(field(CHOICE, "", "Condition").from(Vocabularies.CONDITION))));
        FORMS.put(
                Kind.CORE,
                List.of(
                        field(CHOICE, "complaint", "What the patient comes with")
                                .from(Vocabularies.COMPLAINT),
                        KEYED,
                        field(CHOICES, "tests", "Never left out for want of time")
                                .from(Vocabularies.TEST),
                        field(CHOICES, "places", "Of these, the places that matter most")
                                .optional()
                                .from(Vocabularies.TEST_PLACE),
                        field(CHOICE, "first", "What splits the question best")
                                .optional()
                                .from(Vocabularies.TEST),
                        field(LONG, "because", "Because").optional(),
                        field(CHOICES, "before", "Before the rest, where there is time")
                                .optional()
                                .from(Vocabularies.TEST)));
        FORMS.put(
                Kind.STAGE_RULE,
                List.of(
                        field(CHOICES, "never", "Never left out whole").from(Vocabularies.STAGE),
                        ENTRY_ID,
                        field(CHOICES, "complaints", "Of whoever comes with")
                                .optional()
                                .from(Vocabularies.COMPLAINT)
                                .hint("Everybody where nothing is chosen."),
                        field(LONG, "because", "Because").optional()));
        FORMS.put(
                Kind.SET,
                List.of(
                        NAME,
                        ENTRY_ID,
                        field(CHOICES, "complaints", "Offered first to whoever comes with")
                                .optional()
                                .from(Vocabularies.COMPLAINT),
                        field(CHOICES, "tests", "Tests").from(Vocabularies.TEST),
                        field(LIST, "groups", "Parts")
                                .optional()
                                .with(
                                        field(TEXT, "label", "What it is called"),
                                        field(CHOICES, "tests", "Tests").from(Vocabularies.TEST)),
                        field(CHOICES, "before", "Before it, where there is time")
                                .optional()
                                .from(Vocabularies.TEST),
                        field(LONG, "stop", "When the rest is left").optional(),
                        field(LONG, "note", "Note").optional()));
        FORMS.put(
                Kind.DEFINITION,
                List.of(
                        NAME,
                        ENTRY_ID,
                        field(CHOICE, "condition", "Condition").from(Vocabularies.CONDITION),
                        field(TEXT, "source", "Source"),
                        field(DEFINITION, "rule", "Asks for").from(Vocabularies.ANSWER),
                        field(LONG, "note", "Note").optional()));
        FORMS.put(Kind.PROVOKED_FAMILY, provoked(Vocabularies.FAMILY, "Family of tests"));
        FORMS.put(Kind.PROVOKED_TEST, provoked(Vocabularies.TEST, "Test"));
        FORMS.put(Kind.PROVOKED_CRITERION, provoked(Vocabularies.CRITERION, "Criterion"));
        FORMS.put(
                Kind.EXAMINED_FAMILY,
                List.of(
                        field(CHOICE, "id", "Family of tests").from(Vocabularies.FAMILY),
                        field(CHOICES, "conditions", "Is usually done for").from(Vocabularies.CONDITION)));
        FORMS.put(Kind.JUDGED, judged());
        FORMS.put(
                Kind.KIN,
                List.of(
                        field(CHOICE, "id", "The whole").from(Vocabularies.CONDITION),
                        field(CHOICES, "conditions", "Its parts")
                                .from(Vocabularies.CONDITION)
                                .hint("Part of it, or counted among its patients in studies: no rivals.")));
        FORMS.put(
                Kind.SETTLE_FIRST,
                List.of(
                        field(CHOICE, "id", "Before acting on").from(Vocabularies.CONDITION),
                        field(CHOICES, "conditions", "Settle first").from(Vocabularies.CONDITION)));
        FORMS.put(
                Kind.AGE_ODDS,
                odds(Arrays.stream(AgeBand.values())
                        .map(b -> odds(b.id(), b.label()))
                        .toList()));
        FORMS.put(
                Kind.SEX_ODDS,
                odds(Arrays.stream(Sex.values())
                        .map(s -> odds(s.id(), Wording.capital(s.id())))
                        .toList()));
    }

    private static List<FieldForm> judged() {
        return List.of(
                field(CHOICE, "criterion", "The sign, or what is told").from(Vocabularies.ANSWER),
                field(CHOICE, "condition", "Condition").from(Vocabularies.CONDITION),
                KEYED,
                field(CHOICE, "with", "There in those who have it").from(Vocabularies.HOW_OFTEN),
                field(CHOICE, "without", "There in those who come with the same and have not")
                        .from(Vocabularies.HOW_OFTEN),
                field(FLAG, "defining", "The sign is the condition").optional(),
                field(LONG, "because", "Because"),
                field(TEXT, "by", "Judged by")
                        .optional()
                        .hint("Whoever stores it; empty for what came with the program."));
    }

    private static FieldForm odds(String name, String label) {
        return field(NUMBER, name, label).optional().within(0.001, 1000);
    }

    private static List<FieldForm> odds(List<FieldForm> bands) {
        List<FieldForm> form = new ArrayList<>();
        form.add(
                field(CHOICE, "condition", "Condition")
                        .from(Vocabularies.CONDITION)
                        .hint(
                                "Odds against the average adult with the same complaint: 2 is twice as likely; 1 or nothing, no more or less."));
        form.add(KEYED);
        form.addAll(bands);
        form.add(field(LONG, "because", "Because"));
        return List.copyOf(form);
    }

    private EntryForms() {}

    public static List<FieldForm> of(Kind kind) {
        return FORMS.get(kind);
    }

    private static List<FieldForm> provoked(String vocabulary, String label) {
        return List.of(
                field(CHOICE, "id", label).from(vocabulary),
                field(CHOICES, "conditions", "Is also turned positive by")
                        .from(Vocabularies.CONDITION)
                        .hint(
                                "Although nobody has published how often; a working assumption of the program says what that is worth."));
    }

    private static List<FieldForm> test() {
        FieldForm choiceId = field(ID, "id", "Name in files");
        FieldForm label = field(TEXT, "label", "What it is called");
        return List.of(
                NAME,
                ENTRY_ID,
                SHORT,
                field(LINES, "aliases", "Also called"),
                field(CHOICE, "region", "Region").from(Vocabularies.REGION),
                field(CHOICE, "kind", "Kind").from(Vocabularies.KIND),
                field(CHOICE_OR_NEW, "family", "Family")
                        .from(Vocabularies.FAMILY)
                        .hint("Tests that provoke the same tissue in the same way; what they say overlaps."),
                field(CHOICES_OR_NEW, "structures", "Structures").from(Vocabularies.STRUCTURE),
                field(CHOICE, "position", "Position").from(Vocabularies.POSITION),
                field(CHOICES, "otherPositions", "Other positions").optional().from(Vocabularies.POSITION),
                field(NUMBER, "minutes", "Minutes").within(0.1, 60),
                field(WHOLE, "provocation", "Discomfort")
                        .within(0, 3)
                        .hint("0 none, 1 a little, 2 it may hurt, 3 it often hurts."),
                field(NUMBER, "holdSeconds", "Seconds to hold").optional().within(1, 600),
                field(CHOICES_OR_NEW, "equipment", "Equipment").from(Vocabularies.EQUIPMENT),
                field(FLAG, "bothSides", "Done on both sides"),
                field(LINES, "steps", "Steps"),
                field(CHOICES, "readings", "Readings")
                        .from(Vocabularies.READING)
                        .hint("What is felt, seen or measured; each has its own pads on the couch."),
                field(LIST, "places", "Places")
                        .optional()
                        .hint("Landmarks or movements that have readings of their own.")
                        .with(choiceId.optional(), label),
                field(LIST, "sites", "Where it can hurt").optional().with(choiceId, label),
                field(LIST, "criteria", "Criteria")
                        .hint("What counts as positive; a figure belongs to a criterion.")
                        .with(
                                field(TEXT, "label", "What is positive"),
                                choiceId,
                                field(CHOICE, "at", "At").optional().from(Vocabularies.PLACE),
                                field(RULE, "positiveWhen", "Positive when").from(Vocabularies.LEAF),
                                field(FIELDS, "raises", "Raises a warning sign")
                                        .optional()
                                        .with(
                                                field(CHOICE, "warning", "Warning sign")
                                                        .from(Vocabularies.WARNING),
                                                field(FLAG, "onlyAfterInjury", "Only after an injury")),
                                field(FLAG, "evenOnBothSides", "Counts although both sides have it")
                                        .optional()),
                field(LIST, "cheats", "Ways round it")
                        .optional()
                        .hint("What makes a negative unreliable, unless a criterion asks for it.")
                        .with(choiceId, label),
                field(LINES, "notes", "Observations to tick").optional().hint("For the record; they weigh nothing."),
                field(WORDS, "words", "Own words for its readings").optional().from(Vocabularies.LEAF),
                field(CHOICES, "qualities", "Signs that are known only when tapped")
                        .optional()
                        .from(Vocabularies.SIGN),
                field(FLAG, "looseness", "The same laxity on both sides may be how the patient is built")
                        .optional(),
                field(NUMBER, "differenceMm", "Millimetres that make a difference between the sides")
                        .optional()
                        .within(1, 100),
                field(CHOICE, "relieves", "Eases the sign of").optional().from(Vocabularies.TEST),
                field(CHOICE, "nerve", "Nerve under tension").optional().from(Vocabularies.NERVE),
                field(LINES, "unreliableIf", "Unreliable if"),
                field(LINES, "watchFor", "Watch for"),
                field(CHOICES, "contraindications", "Not with")
                        .from(Vocabularies.PRECAUTION)
                        .hint("Where one of these is ticked, the test is shown blocked, with the reason."),
                field(CHOICES, "after", "Only after").from(Vocabularies.TEST),
                field(LIST, "variants", "Ways to do it")
                        .with(
                                NAME,
                                field(LONG, "note", "What is different"),
                                field(CHOICE, "position", "Position").optional().from(Vocabularies.POSITION),
                                field(NUMBER, "holdSeconds", "Seconds to hold")
                                        .optional()
                                        .within(1, 600)));
    }

    private static List<FieldForm> cluster() {
        FieldForm[] figures = {
            field(NUMBER, "sensitivity", "Sensitivity").within(0, 1).hint("0 to 1, or in percent."),
            field(NUMBER, "specificity", "Specificity").optional().within(0, 1).hint("0 to 1, or in percent."),
            field(NUMBER, "diseased", "People with it").optional().within(1, 1e7),
            field(NUMBER, "healthy", "People without").optional().within(1, 1e7),
            field(NUMBER, "people", "Everybody, where it is not known who had it")
                    .optional()
                    .within(1, 1e7)
        };
        return List.of(
                NAME,
                ENTRY_ID,
                field(CHOICE, "condition", "Condition").from(Vocabularies.CONDITION),
                field(CHOICES, "members", "Criteria")
                        .optional()
                        .from(Vocabularies.ANSWER)
                        .hint("What is counted; or give items with points, or a rule."),
                field(LIST, "items", "Items with points")
                        .optional()
                        .hint("Each earns its points when any of what it names is positive.")
                        .with(
                                field(TEXT, "label", "What it is called").optional(),
                                field(NUMBER, "points", "Points").within(0.1, 1000),
                                field(CHOICES, "any", "Any of").from(Vocabularies.ANSWER)),
                field(DEFINITION, "rule", "Or a rule of all, any, so many, and not")
                        .optional()
                        .from(Vocabularies.ANSWER),
                field(NUMBER, "atLeast", "Positive from")
                        .optional()
                        .within(0.1, 1000)
                        .hint("How many positives, or points, make it positive; or give a ratio for each count."),
                field(LIST, "strata", "A ratio for each count")
                        .optional()
                        .with(
                                field(WHOLE, "positives", "Positives").within(0, 40),
                                field(NUMBER, "lr", "Likelihood ratio").within(1e-6, 1e6),
                                field(NUMBER, "low", "Low").optional().within(1e-9, 1e9),
                                field(NUMBER, "high", "High").optional().within(1e-9, 1e9)),
                field(FIELDS, "accuracy", "Published figures").optional().with(figures),
                field(FIELDS, "ownCases", "Own cases")
                        .optional()
                        .with(
                                figures[0],
                                figures[1],
                                figures[2],
                                figures[3],
                                figures[4],
                                field(FLAG, "highRiskOfBias", "At high risk of bias")
                                        .optional()),
                field(CHOICE, "bias", "Risk of bias").optional().from(Vocabularies.BIAS),
                field(CHOICE, "speaks", "Speaks").optional().from(Vocabularies.SPEAKS),
                field(LONG, "source", "Source"),
                field(CHOICE, "confidence", "Sure of the figures").from(Vocabularies.CONFIDENCE),
                field(FLAG, "derived", "Worked out from what was printed").optional(),
                field(FLAG, "designed", "Designed here, never studied as a whole")
                        .optional(),
                field(LONG, "caution", "Caution").optional());
    }

    private static List<FieldForm> ladder() {
        return List.of(
                NAME,
                ENTRY_ID,
                field(CHOICES, "startsFrom", "Offered by a positive of")
                        .optional()
                        .from(Vocabularies.CRITERION),
                field(TEXT, "question", "What is asked first"),
                field(BY_NAME, "answers", "Answers")
                        .hint("Each answer leads to a rung.")
                        .with(field(CHOICE, "", "Leads to").from(Vocabularies.RUNG)),
                field(BY_NAME, "answeredBy", "Answered by")
                        .optional()
                        .hint("What was found answers the question by itself.")
                        .with(
                                field(CHOICES, "positive", "A positive of")
                                        .optional()
                                        .from(Vocabularies.CRITERION),
                                field(CHOICES, "negative", "A negative of")
                                        .optional()
                                        .from(Vocabularies.CRITERION)),
                field(BY_NAME, "rungs", "Rungs")
                        .with(
                                field(CHOICE, "test", "Test").from(Vocabularies.TEST),
                                field(FIELDS, "outcomes", "Then")
                                        .with(
                                                field(STEP, "positive", "If positive")
                                                        .from(Vocabularies.CONDITION),
                                                field(STEP, "negative", "If negative")
                                                        .from(Vocabularies.CONDITION))));
    }
}
