import type { BodyPose } from "./body";
import type { ArmPose, Figure, NeckPose } from "./figure";
import { POSTURES } from "./postures";

/** The whole body in the pose of the test, or with another arm or neck. */
export function bodyPose(figure: Figure, arm: ArmPose = figure.arm, neck: NeckPose = figure.neck): BodyPose {
  const posture = POSTURES[figure.posture];
  return {
    root: posture.root,
    lean: figure.lean || posture.lean,
    neck,
    legs: posture.legs,
    arms: { affected: arm, other: figure.other },
  };
}

/** Between two poses, angle by angle. */
export function blend<T>(a: T, b: T, share: number): T {
  if (typeof a === "number" && typeof b === "number") {
    return (a * (1 - share) + b * share) as T;
  }
  if (a && typeof a === "object" && b && typeof b === "object") {
    return Object.fromEntries(
      Object.keys(a).map((k) => [k, blend(a[k as keyof T], b[k as keyof T], share)]),
    ) as T;
  }
  return b;
}
