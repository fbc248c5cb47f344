import type { Camera } from "./camera";
import type { Contact, Grips, HandPose } from "./figure";
import { fingerFrames, hand } from "./hand";
import { ball, mirrored, type Part, part, placed, renamed } from "./parts";
import { along, direction, onSkin, type Sites, type Stretch } from "./sites";
import {
  across,
  add,
  cross,
  dot,
  type Frame,
  minus,
  mirror,
  place,
  type Turn,
  times,
  unit,
  type Vec,
} from "./space";

/** From the middle of the hand to its skin where it touches, centimetres; and from the wrist to what it goes round. */
const PALM_DEEP = 1.35;
const FIST_DEEP = 3.4;
const TIP_DEEP = 0.6;
const REACH_FLAT = 6.5;
const REACH_ROUND = 7.4;

const SLEEVE = part("sleeve", "sleeve", [
  [
    ball(2.4, -11, 0, 0.9),
    ball(-2.4, -11, 0, 0.9),
    ball(2.7, -16, 0, 0.9),
    ball(-2.7, -16, 0, 0.9),
    ball(0, -13, 2, 0.9),
    ball(0, -13, -2, 0.9),
  ],
]);
const FOREARM = part(
  "forearm",
  "examiner",
  [
    [ball(1.3, 0, 0, 1.6), ball(-1.3, 0, 0, 1.6), ball(1.1, -4, 0, 1.8), ball(-1.1, -4, 0, 1.8)],
    [ball(1.1, -4, 0, 1.8), ball(-1.1, -4, 0, 1.8), ball(0.7, -13, 0, 2.7), ball(-0.7, -13, 0, 2.7)],
  ],
  {
    joins: [
      {
        to: "palm",
        end: [
          ball(1.2, -1.6, 0, 1.65),
          ball(-1.2, -1.6, 0, 1.65),
          ball(1.3, 0, 0, 1.55),
          ball(-1.3, 0, 0, 1.55),
        ],
      },
    ],
  },
);

/** One hand of the examiner at its place, with the forearm it comes from. */
export function examinersHand(
  contact: Contact,
  index: number,
  grips: Grips,
  sites: Sites,
  cam: Camera,
): Part[] {
  const grip = grips[contact.grip];
  if (!grip) {
    throw new Error(`a figure has no grip "${contact.grip}"`);
  }
  const site = sites(contact.site.part);
  const touch = { contact, site, cam, from: direction(contact.from, site, cam) };
  const frame =
    grip.touches === "palm" || grip.touches === "fist"
      ? holding(touch, grip.touches === "fist", flatness(grip.hand))
      : touching(touch, grip.hand, grip.touches);
  const parts = [...hand(grip.hand).map((p) => ({ ...p, look: "examiner" as const })), FOREARM, SLEEVE];
  return parts.map((p) => renamed(placed(contact.left ? mirrored(p) : p, frame), `examiner-${index}-`));
}

interface Touch {
  contact: Contact;
  site: Stretch;
  cam: Camera;
  /** Where the forearm comes from. */
  from: Vec;
}

/** Whether the fingers are straight, so that they lie along what they touch and do not go round it. */
const flatness = (pose: HandPose) => pose.middle.pip < 20;

/** The palm lies on one side of the limb and the fingers go round it; the forearm comes from where it was said to. */
function holding({ contact, site, cam, from }: Touch, fist: boolean, flat: boolean): Frame {
  const { c, r, axis } = along(site, contact.site.at / 100);
  // Fingers go across the limb where the forearm does not come along it.
  const alongLimb = Math.abs(dot(from, axis)) > 0.85;
  const fingers = times(alongLimb || flat ? from : across(from, axis), -1);
  const wished = contact.palm ? direction(contact.palm, site, cam) : cam.toward;
  const palmSide = across(wished, fingers);
  const away = r + (fist ? FIST_DEEP : PALM_DEEP) + contact.off;
  const at = add(add(c, times(palmSide, away)), times(fingers, flat ? -REACH_FLAT : -REACH_ROUND));
  return { at, turn: handTurn(fingers, times(palmSide, -1)) };
}

/** A fingertip, the thumb or both lie on the place; the finger points at it. */
function touching(
  { contact, site, cam, from }: Touch,
  pose: HandPose,
  tip: "thumb" | "index" | "middle" | "pinch",
): Frame {
  const end = (name: "thumb" | "index" | "middle") => (fingerFrames(name, pose)[3] as Frame).at;
  const local: Vec = tip === "pinch" ? times(add(end("thumb"), end("index")), 0.5) : end(tip);
  const target =
    tip === "pinch"
      ? along(site, contact.site.at / 100).c
      : onSkin(
          contact.site,
          site,
          contact.site.side ? direction(contact.site.side, site, cam) : from,
          TIP_DEEP,
        );
  const fingers = times(from, -1);
  const wished = times(contact.palm ? direction(contact.palm, site, cam) : cam.toward, -1);
  const turn = handTurn(fingers, across(wished, fingers));
  const seenFromHand: Vec = contact.left ? mirror(local) : local;
  return { at: minus(target, place({ at: [0, 0, 0], turn }, seenFromHand)), turn };
}

/** A hand's frame from where its fingers point and where its palm looks; a left one is a mirrored right one in it. */
const handTurn = (fingers: Vec, palm: Vec): Turn => [unit(cross(fingers, palm)), fingers, palm];
