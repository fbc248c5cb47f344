// @vitest-environment happy-dom
import { cleanup, render, screen } from "@testing-library/react";
import { Suspense } from "react";
import { afterEach, describe, expect, it } from "vitest";
import { later, NotLoaded } from "./later";

afterEach(cleanup);

function Beside(props: { part: ReturnType<typeof later<{ name: string }>> }) {
  const Part = props.part;
  return (
    <>
      <p>What is beside it</p>
      <Suspense>
        <Part name="Neer" />
      </Suspense>
    </>
  );
}

describe("a part that is loaded later", () => {
  it("is drawn when it has come", async () => {
    render(<Beside part={later(async () => (p: { name: string }) => <b>{p.name} drawn</b>, NotLoaded)} />);
    expect(await screen.findByText("Neer drawn")).toBeTruthy();
  });

  it("says so in its place when it cannot come, and leaves what is beside it", async () => {
    render(<Beside part={later(() => Promise.reject(new TypeError("no connection")), NotLoaded)} />);
    expect((await screen.findByRole("alert")).textContent).toContain("without a connection");
    expect(screen.getByText("What is beside it")).toBeTruthy();
  });
});
