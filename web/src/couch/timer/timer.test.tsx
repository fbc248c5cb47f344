// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { TimerRow } from "./TimerRow";
import type { Timing } from "./timing";
import { useTimer } from "./useTimer";

beforeEach(() => {
  localStorage.clear();
  vi.useFakeTimers({ now: 1_000_000 });
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

let drawnTimes = 0;

function Timed(props: {
  place?: string;
  timing: Timing;
  onReading?: (changes: Record<string, number>) => void;
}) {
  drawnTimes++;
  const timer = useTimer(
    props.place ?? "HB-001/neer//right",
    props.timing,
    props.onReading ?? (() => undefined),
  );
  return <TimerRow timing={props.timing} timer={timer} keyName="Space" />;
}

const pass = (ms: number) => act(() => vi.advanceTimersByTime(ms));
const press = (name: RegExp) => fireEvent.click(screen.getByRole("button", { name }));
const seconds = () => screen.getByRole("timer").textContent?.trim();

describe("A timer", () => {
  it("shows the seconds as they pass without drawing anew what is around them", () => {
    render(<Timed timing={{ kind: "refill", goal: undefined }} />);
    press(/Start/);
    const before = drawnTimes;
    pass(3400);
    expect(seconds()).toBe("3.4 s");
    expect(drawnTimes).toBe(before);
  });

  it("stopped when it comes is the reading, once", () => {
    const readings: Record<string, number>[] = [];
    render(<Timed timing={{ kind: "onset", goal: 60 }} onReading={(r) => readings.push(r)} />);
    press(/Start/);
    pass(23_000);
    press(/It comes/);
    pass(50_000);
    expect(readings).toEqual([{ onsetSeconds: 23 }]);
    expect(screen.getByText("Onset noted. Let go; tap where it was felt.")).toBeTruthy();
    expect(seconds()).toBe("23 s");
  });

  it("that ran to its goal says that nothing came, and records nothing by itself", () => {
    const readings: unknown[] = [];
    render(<Timed timing={{ kind: "onset", goal: 60 }} onReading={(r) => readings.push(r)} />);
    press(/Start/);
    pass(61_000);
    expect(screen.getByText("Held 60 s. Nothing came: tap Nothing found.")).toBeTruthy();
    expect(readings).toEqual([]);
    expect(seconds()).toBe("60 s");
  });

  it("counts a trial that was held long enough, and not one that was let go", () => {
    render(<Timed timing={{ kind: "trial", goal: 8 }} />);
    press(/Start/);
    pass(5900);
    press(/Let go/);
    expect(screen.getByText(/0 of up to 3 trials held/)).toBeTruthy();
    press(/Again/);
    pass(6000);
    press(/Let go/);
    press(/Again/);
    pass(9000);
    expect(screen.getByText(/2 of up to 3 trials held/)).toBeTruthy();
    press(/Clear/);
    expect(screen.getByText(/0 of up to 3 trials held/)).toBeTruthy();
  });

  it("goes on after a reload by the clock, and belongs to its place alone", () => {
    const first = render(<Timed timing={{ kind: "onset", goal: 60 }} />);
    press(/Start/);
    pass(10_000);
    first.unmount();
    vi.setSystemTime(1_000_000 + 30_000);
    const again = render(<Timed timing={{ kind: "onset", goal: 60 }} />);
    pass(100);
    expect(seconds()).toBe("30 s");
    again.unmount();
    render(<Timed place="HB-001/neer//left" timing={{ kind: "onset", goal: 60 }} />);
    expect(seconds()).toBe("0 s");
    expect(screen.getByRole("button", { name: /Start/ })).toBeTruthy();
  });
});
