import type { ArmPose, Figure, HandPose, Movement, PlaceMap } from "../figures/figure";

const finger = { mcp: 20, pip: 30, dip: 15, spread: 0 };

export const HAND: HandPose = {
  index: finger,
  middle: finger,
  ring: finger,
  little: finger,
  thumb: { radial: 28, palmar: 28, towards: 40, mcp: 14, ip: 14 },
};

export const HANGING: ArmPose = {
  plane: 0,
  elevation: 0,
  external: 0,
  elbow: 0,
  supination: 0,
  extension: 0,
  radial: 0,
  shrug: 0,
  protraction: 0,
  hand: HAND,
};

/** Somebody who stands, seen from the front, with nothing done to them. */
export const STANDING: Figure = {
  id: "standing",
  posture: "standing",
  lean: 0,
  view: { turn: 0, raise: 4 },
  shows: ["upper-arm", "forearm", "palm"],
  alone: false,
  arm: HANGING,
  other: HANGING,
  neck: { extension: 0, rotation: 0, side: 0 },
  contacts: [],
  forces: [],
  held: [],
  feel: [],
};

const site = (part: string, side: string) => ({ part, at: 50, across: 0, side });

/** A map of the test "feel" with its two places, and the shoulder's abduction. */
export const FIGURES = {
  grips: {},
  tests: [],
  maps: [
    {
      name: "Arm from the front",
      drawn: STANDING,
      marks: [
        { test: "feel", at: "groove", name: "", site: site("upper-arm", "anterior") },
        { test: "feel", at: "joint", name: "Joint line", site: site("elbow", "lateral") },
      ],
    } satisfies PlaceMap,
  ],
  body: [
    {
      name: "From the front",
      drawn: STANDING,
      areas: [
        { id: "shoulder-front", name: "front of the shoulder", site: site("upper-arm", "anterior") },
        { id: "elbow-outer", name: "outer side of the elbow", site: site("elbow", "lateral") },
      ],
    },
  ],
  movements: [
    {
      test: "move",
      at: "",
      drawn: STANDING,
      angle: "elevation",
      opposite: false,
      mark: site("middle-distal", ""),
    } satisfies Movement,
  ],
};
