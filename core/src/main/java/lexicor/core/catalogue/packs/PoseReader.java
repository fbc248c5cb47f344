package lexicor.core.catalogue.packs;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lexicor.core.catalogue.figures.ArmPose;
import lexicor.core.catalogue.figures.HandPose;
import lexicor.core.catalogue.figures.HandPose.FingerPose;
import lexicor.core.catalogue.figures.HandPose.ThumbPose;
import lexicor.core.catalogue.figures.JointRange;
import lexicor.core.catalogue.figures.NeckPose;
import lexicor.core.document.Entry;
import tools.jackson.databind.JsonNode;

/** Reads poses: what an entry does not say is as in the pose that it starts from. */
final class PoseReader {
    private static final HandPose LOOSE = new HandPose(
            new FingerPose(16, 24, 12, 1),
            new FingerPose(24, 32, 16, 1),
            new FingerPose(24, 32, 16, 1),
            new FingerPose(30, 36, 20, 1),
            new ThumbPose(28, 28, 40, 14, 14));
    /** An arm that hangs. */
    private static final ArmPose HANGING = new ArmPose(0, 7, 0, 6, 0, 0, 0, 0, 0, LOOSE);

    /** From this plane on the arm is raised behind the body, and no longer to the side. */
    private static final double BEHIND = -30;

    private final Map<String, HandPose> hands = new LinkedHashMap<>();
    private final Map<String, ArmPose> poses = new LinkedHashMap<>();

    PoseReader(Entry file) {
        Entry shapes = file.child("hands");
        shapes.fieldNames().forEach(name -> hands.put(name, shape(shapes.child(name))));
        shapes.done();
        Entry named = file.child("poses");
        named.fieldNames().forEach(name -> poses.put(name, changed(named.child(name), HANGING)));
        named.done();
    }

    HandPose hand(Entry entry, String field) {
        return entry.oneOf(field, hands);
    }

    /** A pose by its name, or its angles with the name of the pose that they change. */
    ArmPose arm(Entry entry, String field) {
        return arm(entry, field, HANGING);
    }

    ArmPose arm(Entry entry, String field, ArmPose start) {
        Optional<JsonNode> value = entry.value(field);
        if (value.isEmpty()) {
            return start;
        }
        if (value.get().isString()) {
            return entry.oneOf(field, poses);
        }
        Entry arm = entry.child(field);
        return changed(arm, arm.has("pose") ? arm.oneOf("pose", poses) : start);
    }

    NeckPose neck(Entry entry, String field, NeckPose start) {
        if (!entry.has(field)) {
            return start;
        }
        Entry neck = entry.child(field);
        NeckPose pose = new NeckPose(
                either(neck, "extension", "flexion", JointRange.NECK_EXTENSION, start.extension()),
                angle(neck, "rotation", JointRange.NECK_ROTATION, start.rotation()),
                angle(neck, "side", JointRange.NECK_SIDE, start.side()));
        neck.done();
        return pose;
    }

    private ArmPose changed(Entry arm, ArmPose start) {
        Entry shoulder = part(arm, "shoulder");
        Entry girdle = part(arm, "girdle");
        Entry forearm = part(arm, "forearm");
        Entry wrist = part(arm, "wrist");
        double plane = angle(shoulder, "plane", JointRange.SHOULDER_PLANE, start.plane());
        double elevation = angle(shoulder, "elevation", JointRange.SHOULDER_ELEVATION, start.elevation());
        if (plane <= BEHIND && !JointRange.SHOULDER_ELEVATION_BEHIND.allows(elevation)) {
            throw shoulder.problem("elevation", "an arm behind the body goes no further than 65 degrees");
        }
        ArmPose pose = new ArmPose(
                plane,
                elevation,
                either(shoulder, "external", "internal", JointRange.SHOULDER_EXTERNAL, start.external()),
                angle(arm, "elbow", JointRange.ELBOW, start.elbow()),
                either(forearm, "supination", "pronation", JointRange.FOREARM, start.supination()),
                either(wrist, "extension", "flexion", JointRange.WRIST_EXTENSION, start.extension()),
                either(wrist, "radial", "ulnar", JointRange.WRIST_RADIAL, start.radial()),
                angle(girdle, "elevation", JointRange.GIRDLE_ELEVATION, start.shrug()),
                angle(girdle, "protraction", JointRange.GIRDLE_PROTRACTION, start.protraction()),
                hand(arm, start.hand()));
        for (Entry part : List.of(shoulder, girdle, forearm, wrist, arm)) {
            part.done();
        }
        return pose;
    }

    private HandPose hand(Entry arm, HandPose start) {
        HandPose shape = arm.oneOf("hand", hands, start);
        Entry fingers = part(arm, "fingers");
        HandPose pose = new HandPose(
                finger(fingers, "index", shape.index()),
                finger(fingers, "middle", shape.middle()),
                finger(fingers, "ring", shape.ring()),
                finger(fingers, "little", shape.little()),
                thumb(arm, shape.thumb()));
        fingers.done();
        return pose;
    }

    private static HandPose shape(Entry entry) {
        FingerPose all = finger(entry, "fingers", LOOSE.middle());
        HandPose shape = new HandPose(
                finger(entry, "index", all),
                finger(entry, "middle", all),
                finger(entry, "ring", all),
                finger(entry, "little", all),
                thumb(entry, LOOSE.thumb()));
        entry.done();
        return shape;
    }

    private static FingerPose finger(Entry hand, String name, FingerPose start) {
        Entry finger = part(hand, name);
        FingerPose pose = new FingerPose(
                angle(finger, "mcp", JointRange.FINGER_MCP, start.mcp()),
                angle(finger, "pip", JointRange.FINGER_PIP, start.pip()),
                angle(finger, "dip", JointRange.FINGER_DIP, start.dip()),
                angle(finger, "spread", JointRange.FINGER_SPREAD, start.spread()));
        finger.done();
        return pose;
    }

    private static ThumbPose thumb(Entry hand, ThumbPose start) {
        Entry thumb = part(hand, "thumb");
        ThumbPose pose = new ThumbPose(
                angle(thumb, "radial", JointRange.THUMB_RADIAL, start.radial()),
                angle(thumb, "palmar", JointRange.THUMB_PALMAR, start.palmar()),
                angle(thumb, "towards", JointRange.THUMB_TOWARDS, start.towards()),
                angle(thumb, "mcp", JointRange.THUMB_MCP, start.mcp()),
                angle(thumb, "ip", JointRange.THUMB_IP, start.ip()));
        thumb.done();
        return pose;
    }

    /** The entry of a joint, empty where nothing is said of it. */
    private static Entry part(Entry entry, String field) {
        return entry.has(field) ? entry.child(field) : entry.nothing(field);
    }

    private static double angle(Entry entry, String field, JointRange range, double start) {
        return entry.optionalNumber(field, range.low(), range.high()).orElse(start);
    }

    /** Two movements of one joint, of which at most one is said. */
    private static double either(Entry entry, String one, String opposite, JointRange range, double start) {
        OptionalDouble positive = entry.optionalNumber(one, 0, range.high());
        OptionalDouble negative = entry.optionalNumber(opposite, 0, -range.low());
        if (positive.isPresent() && negative.isPresent()) {
            throw entry.problem(opposite, "expected " + one + " or " + opposite + ", found both");
        }
        return positive.isPresent() ? positive.getAsDouble() : negative.isPresent() ? -negative.getAsDouble() : start;
    }
}
