import type { components } from "../api/schema";

type Schemas = components["schemas"];

/** A figure as the content states it: poses, hands, forces and places, nothing drawn. */
export type Figure = Schemas["PosedFigure"];
export type Grips = Schemas["PosedFigures"]["grips"];
export type PlaceMap = Schemas["PosedMap"];
export type BodyMap = Schemas["PosedBody"];
export type Movement = Schemas["PosedMovement"];
export type Site = Schemas["Site"];
export type Contact = Schemas["Contact"];
export type Force = Schemas["PosedForce"];
export type Held = Schemas["Held"];
export type ArmPose = Schemas["ArmPose"];
export type HandPose = Schemas["HandPose"];
export type FingerPose = Schemas["FingerPose"];
export type ThumbPose = Schemas["ThumbPose"];
export type NeckPose = Schemas["NeckPose"];
