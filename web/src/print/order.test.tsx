// @vitest-environment happy-dom
import "fake-indexeddb/auto";
import { cleanup, screen, within } from "@testing-library/react";
import { Outlet, Route, Routes } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { contextOf, made } from "../test/couch";
import { FIGURES } from "../test/figures";
import { page, serverOf } from "../test/page";
import { OrderScreen } from "./OrderScreen";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const TESTS = ["neer", "arc", "push", "pull"].map((id) => made(id, id, "sitting"));

describe("The running order on paper", () => {
  it("has room for both sides of what is to be done, and says of what is blocked why instead", () => {
    serverOf({ "GET /api/figures": () => ({ body: FIGURES }) });
    const context = contextOf(TESTS, {
      plan: { leftOut: [{ test: "arc", why: "tells less a minute" }] },
      examination: {
        blocked: [
          { test: "push", because: ["Recent fracture"] },
          { test: "pull", because: ["Recent fracture"], reason: "Healed on the picture of today" },
        ],
      },
    });
    page(
      <Routes>
        <Route element={<Outlet context={context} />}>
          <Route path="/" element={<OrderScreen />} />
        </Route>
      </Routes>,
    );
    const [neer, push, pull] = screen.getAllByRole("listitem").map((row) => within(row));
    expect(screen.getAllByRole("listitem")).toHaveLength(3);
    expect(neer?.getByText("Left")).toBeTruthy();
    expect(push?.getByText(/by recent fracture/).textContent).toBe("Blocked by recent fracture.");
    expect(push?.queryByText("Left")).toBeNull();
    expect(pull?.getByText(/done all the same: Healed/)).toBeTruthy();
    expect(pull?.getByText("Right")).toBeTruthy();
  });
});
