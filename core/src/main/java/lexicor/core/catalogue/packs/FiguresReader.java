package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.figures.ArmPose;
import lexicor.core.catalogue.figures.BodyMap;
import lexicor.core.catalogue.figures.BodyPart;
import lexicor.core.catalogue.figures.Figure;
import lexicor.core.catalogue.figures.Figure.Contact;
import lexicor.core.catalogue.figures.Figure.Force;
import lexicor.core.catalogue.figures.Figure.Held;
import lexicor.core.catalogue.figures.Figure.Start;
import lexicor.core.catalogue.figures.Figures;
import lexicor.core.catalogue.figures.Figures.Grip;
import lexicor.core.catalogue.figures.HandPose;
import lexicor.core.catalogue.figures.JointRange;
import lexicor.core.catalogue.figures.Movement;
import lexicor.core.catalogue.figures.NeckPose;
import lexicor.core.catalogue.figures.PlaceMap;
import lexicor.core.catalogue.figures.Posture;
import lexicor.core.catalogue.figures.Site;
import lexicor.core.catalogue.figures.View;
import lexicor.core.document.Entry;
import lexicor.core.document.Problems;

/** Reads the figures. Named views, pictures, poses and landmarks are put in where they are named. */
final class FiguresReader {
    private record Shown(List<String> parts, boolean alone) {}

    private static final Map<String, Posture> POSTURES = byId(Posture.values(), Posture::id);
    private static final Map<String, Held.Tool> TOOLS = byId(Held.Tool.values(), Held.Tool::id);
    private static final Map<String, Force.By> BY = byId(Force.By.values(), Force.By::id);
    private static final Map<String, Grip.Touch> TOUCHES = byId(Grip.Touch.values(), Grip.Touch::id);
    private static final int FARTHEST_CM = 30;
    /** The angle of the arm's pose that each movement is, the first of two opposite ones by its own name. */
    private static final Map<String, String> ANGLES = new TreeMap<>(Map.of(
            "elevation", "elevation",
            "external", "external",
            "internal", "external",
            "elbow", "elbow",
            "supination", "supination",
            "pronation", "supination",
            "extension", "extension",
            "flexion", "extension",
            "radial", "radial",
            "ulnar", "radial"));

    private final PoseReader poses;
    private final Map<String, View> views = new LinkedHashMap<>();
    private final Map<String, Shown> pictures = new LinkedHashMap<>();
    private final Map<String, Site> landmarks = new LinkedHashMap<>();
    private final Map<String, Grip> grips = new LinkedHashMap<>();
    private final Map<Posture, ArmPose> resting = new LinkedHashMap<>();

    private FiguresReader(Entry file) {
        poses = new PoseReader(file);
        named(file, "grips", e -> grips.put(last(e), grip(e)));
        named(file, "views", e -> views.put(last(e), view(e)));
        named(file, "pictures", e -> pictures.put(last(e), shown(e)));
        named(file, "landmarks", e -> landmarks.put(last(e), site(e)));
        Entry rest = file.child("resting");
        rest.fieldNames().forEach(name -> {
            Posture posture = Optional.ofNullable(POSTURES.get(name))
                    .orElseThrow(() -> rest.problem(name, "there is no posture " + name));
            resting.put(posture, poses.arm(rest, name));
        });
        rest.done();
    }

    static void read(Entry file, Content content, Problems problems) {
        FiguresReader reader = new FiguresReader(file);
        List<Figure> figures = new ArrayList<>();
        List<PlaceMap> maps = new ArrayList<>();
        List<BodyMap> body = new ArrayList<>();
        each(file, "figures", "test", problems, (entry, id) -> figures.add(reader.figure(entry, id)));
        each(file, "maps", "map", problems, (entry, id) -> maps.add(reader.map(entry, id)));
        List<Movement> movements = new ArrayList<>();
        each(file, "movements", "test", problems, (entry, id) -> movements.add(reader.movement(entry, id)));
        each(file, "body", "map", problems, (entry, id) -> body.add(reader.body(entry, id)));
        file.done();
        content.figures = new Figures(
                Map.copyOf(reader.grips),
                List.copyOf(figures),
                List.copyOf(maps),
                List.copyOf(body),
                List.copyOf(movements));
    }

    private static void each(
            Entry file, String list, String field, Problems problems, BiConsumer<Entry, String> reading) {
        file.children(list)
                .forEach(listed -> problems.collect(() -> {
                    String id = listed.text(field);
                    Entry entry = listed.named(list + "." + id);
                    entry.has(field);
                    reading.accept(entry, id);
                    entry.done();
                }));
    }

    private PlaceMap map(Entry entry, String id) {
        return new PlaceMap(entry.text("name"), figure(entry, id), entry.each("marks", e -> {
            PlaceMap.Mark mark = new PlaceMap.Mark(
                    e.text("test"),
                    e.optionalText("spot").orElse(""),
                    e.optionalText("name").orElse(""),
                    site(e));
            e.done();
            return mark;
        }));
    }

    private Movement movement(Entry entry, String test) {
        String turns = entry.text("turns");
        if (!ANGLES.containsKey(turns)) {
            throw entry.problem("turns", "expected one of " + String.join(", ", ANGLES.keySet()));
        }
        Entry mark = entry.child("mark");
        return new Movement(
                test,
                entry.optionalText("spot").orElse(""),
                figure(entry, test),
                ANGLES.get(turns),
                !ANGLES.get(turns).equals(turns),
                finished(mark));
    }

    private BodyMap body(Entry entry, String id) {
        return new BodyMap(entry.text("name"), figure(entry, id), entry.each("areas", e -> {
            BodyMap.Area area = new BodyMap.Area(e.text("area"), e.text("name"), site(e));
            e.done();
            return area;
        }));
    }

    private Figure figure(Entry entry, String id) {
        Posture posture = entry.oneOf("posture", POSTURES, Posture.STANDING);
        ArmPose arm = poses.arm(entry, "arm");
        NeckPose neck = poses.neck(entry, "neck", NeckPose.UPRIGHT);
        Shown shown = entry.value("picture").filter(v -> v.isString()).isPresent()
                ? entry.oneOf("picture", pictures)
                : shown(entry.child("picture"));
        return new Figure(
                id,
                posture,
                entry.optionalNumber("lean", JointRange.TRUNK_LEAN.low(), JointRange.TRUNK_LEAN.high())
                        .orElse(0),
                entry.value("view").filter(v -> v.isString()).isPresent()
                        ? entry.oneOf("view", views)
                        : view(entry.child("view")),
                shown.parts(),
                shown.alone(),
                arm,
                other(entry, posture, arm),
                neck,
                start(entry, arm, neck),
                entry.has("way") ? Optional.of(finished(entry.child("way"))) : Optional.empty(),
                entry.each("contacts", this::contact),
                entry.each("forces", e -> force(e, arm)),
                entry.each("holds", e -> {
                    Held held = new Held(site(e), e.oneOf("what", TOOLS));
                    e.done();
                    return held;
                }),
                entry.each("feel", this::finished));
    }

    /** The other arm rests as the posture has it, unless the figure says otherwise. */
    private ArmPose other(Entry entry, Posture posture, ArmPose arm) {
        boolean same = entry.value("other")
                .filter(v -> v.isString() && v.asString().equals("same"))
                .isPresent();
        if (same) {
            return arm;
        }
        ArmPose rest = resting.get(posture);
        if (rest == null && !entry.has("other")) {
            throw entry.problem("other", "nothing says how the other arm rests when " + posture.id());
        }
        return entry.has("other") ? poses.arm(entry, "other") : rest;
    }

    private Optional<Start> start(Entry entry, ArmPose arm, NeckPose neck) {
        if (!entry.has("from")) {
            return Optional.empty();
        }
        Entry from = entry.child("from");
        ArmPose before = poses.arm(from, "arm", arm);
        NeckPose neckBefore = poses.neck(from, "neck", neck);
        from.done();
        if (before.equals(arm) && neckBefore.equals(neck)) {
            throw entry.problem("from", "expected another pose than that of the test");
        }
        return Optional.of(new Start(before, neckBefore, !before.equals(arm), !neckBefore.equals(neck)));
    }

    private Contact contact(Entry entry) {
        String grip = entry.text("grip");
        if (!grips.containsKey(grip)) {
            throw entry.problem("grip", "there is no grip " + grip);
        }
        Site site = site(entry);
        Contact contact = new Contact(
                site,
                grip,
                direction(entry, "from", site.part(), entry.text("from")),
                direction(entry, "palm", site.part(), entry.optionalText("palm").orElse("")),
                entry.oneOf("hand", Map.of("left", true, "right", false), false),
                entry.optionalNumber("off", 0, FARTHEST_CM).orElse(0));
        entry.done();
        return contact;
    }

    private Force force(Entry entry, ArmPose arm) {
        Site site = site(entry);
        List<Force.Kind> kinds = Arrays.stream(Force.Kind.values())
                .filter(k -> entry.has(k.id()))
                .toList();
        if (kinds.size() != 1) {
            throw entry.problem("push", "expected one of push, pull, turn");
        }
        Force.Kind kind = kinds.get(0);
        boolean turns = kind == Force.Kind.TURN;
        Force force = new Force(
                site,
                kind,
                turns ? "" : direction(entry, kind.id(), site.part(), entry.text(kind.id())),
                turns ? Optional.of(poses.arm(entry, "turn", arm)) : Optional.empty(),
                entry.oneOf("by", BY, Force.By.EXAMINER),
                entry.optionalNumber("size", 0.3, 3).orElse(1));
        entry.done();
        return force;
    }

    private Site finished(Entry entry) {
        Site site = site(entry);
        entry.done();
        return site;
    }

    /** A landmark by its name, or a place on a part. */
    private Site site(Entry entry) {
        if (entry.has("place")) {
            return entry.oneOf("place", landmarks);
        }
        String part = entry.text("part");
        if (!BodyPart.exists(part)) {
            throw entry.problem("part", "there is no part " + part);
        }
        return new Site(
                part,
                entry.optionalNumber("at", -50, 200).orElse(50),
                entry.optionalNumber("across", -110, 110).orElse(0),
                direction(entry, "side", part, entry.optionalText("side").orElse("")));
    }

    private static String direction(Entry entry, String field, String part, String words) {
        if (!words.isEmpty()) {
            for (String word : words.split("\\+")) {
                if (!BodyPart.directionsOf(part).contains(word)) {
                    throw entry.problem(field, "of " + part + " there is no direction " + word);
                }
            }
        }
        return words;
    }

    private View view(Entry entry) {
        if (entry.has("of")) {
            String of = entry.text("of");
            View view = new View(
                    0,
                    0,
                    Optional.of(new View.Closeup(
                            of,
                            direction(entry, "side", of, entry.text("side")),
                            direction(entry, "up", of, entry.text("up")))));
            entry.done();
            return view;
        }
        View view = new View(entry.number("turn", -180, 180), entry.number("raise", -30, 90), Optional.empty());
        entry.done();
        return view;
    }

    private static Shown shown(Entry entry) {
        Shown shown = new Shown(entry.texts("shows"), entry.flag("alone", false));
        for (String name : shown.parts()) {
            if (!BodyPart.isShown(name)) {
                throw entry.problem("shows", "there is no " + name + " to be shown");
            }
        }
        entry.done();
        return shown;
    }

    private Grip grip(Entry entry) {
        HandPose hand = poses.hand(entry, "hand");
        Grip grip = new Grip(hand, entry.oneOf("touches", TOUCHES));
        entry.done();
        return grip;
    }

    private static void named(Entry file, String field, Consumer<Entry> reading) {
        Entry all = file.child(field);
        all.fieldNames().forEach(name -> reading.accept(all.child(name)));
        all.done();
    }

    private static String last(Entry entry) {
        return entry.path().substring(entry.path().lastIndexOf('.') + 1);
    }

    private static <T> Map<String, T> byId(T[] values, Function<T, String> id) {
        return Arrays.stream(values).collect(Collectors.toMap(id, Function.identity()));
    }
}
