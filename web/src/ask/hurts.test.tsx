// @vitest-environment happy-dom
import { cleanup, screen, waitFor } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { useState } from "react";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { Catalogue } from "../api/types";
import { FIGURES } from "../test/figures";
import { page, serverOf } from "../test/page";
import { complaintsThatFit, tappedSites } from "./hurts";
import { WhereItHurts } from "./WhereItHurts";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function Asked(props: { onHurts: (hurts: string[]) => void }) {
  const [hurts, setHurts] = useState<string[]>([]);
  const change = (next: string[]) => {
    setHurts(next);
    props.onHurts(next);
  };
  return <WhereItHurts involved="right" hurts={hurts} onChange={change} />;
}

const complaint = (id: string, hurts: string[]) => ({ id, name: id, hurts });
const COMPLAINTS = [
  complaint("stiff", ["shoulder-front"]),
  complaint("elbow", ["elbow-outer"]),
  complaint("neck", ["shoulder-front", "elbow-outer"]),
] as unknown as Catalogue["complaints"];

describe("The complaints that fit where it hurts", () => {
  const ids = (hurts: string[]) => {
    const { fitting, others } = complaintsThatFit(COMPLAINTS, hurts);
    return [fitting.map((c) => c.id), others.map((c) => c.id)];
  };
  it("are those with most of the areas first, on whichever side, and none before something is tapped", () => {
    expect(ids([])).toEqual([[], ["stiff", "elbow", "neck"]]);
    expect(ids(["left.elbow-outer"])).toEqual([["elbow", "neck"], ["stiff"]]);
    expect(ids(["left.elbow-outer", "right.shoulder-front"])).toEqual([["neck", "stiff", "elbow"], []]);
  });
});

describe("Where it hurts", () => {
  it("is drawn on the arm of its side", () => {
    const map = FIGURES.body[0] as (typeof FIGURES.body)[number];
    const parts = (involved: "left" | "right") =>
      tappedSites(map, ["left.elbow-outer", "right.shoulder-front"], involved).map((s) => s.part);
    expect(parts("right")).toEqual(["upper-arm", "other-elbow"]);
    expect(parts("left")).toEqual(["other-upper-arm", "elbow"]);
  });

  it("is tapped on the drawing, side by side, and taken back there or by its name", async () => {
    serverOf({ "GET /api/figures": () => ({ body: FIGURES }) });
    const user = userEvent.setup();
    let now: readonly string[] = [];
    page(
      <Asked
        onHurts={(hurts) => {
          now = hurts;
        }}
      />,
    );
    await user.click(await screen.findByRole("button", { name: "Right: outer side of the elbow" }));
    expect(now).toEqual(["right.elbow-outer"]);
    await user.click(screen.getByRole("radio", { name: "Left" }));
    await user.click(await screen.findByRole("button", { name: "Left: front of the shoulder" }));
    expect(now).toEqual(["right.elbow-outer", "left.shoulder-front"]);
    await user.click(screen.getByRole("button", { name: "Left: front of the shoulder", pressed: true }));
    await user.click(screen.getByRole("button", { name: "Take back: Right, outer side of the elbow" }));
    await waitFor(() => expect(now).toEqual([]));
  });
});
