import { type Timing, TRIAL } from "./timing";
import { useSeconds, type useTimer } from "./useTimer";

/** The timer, large enough to read from two metres. */
export function TimerRow(props: { timing: Timing; timer: ReturnType<typeof useTimer>; keyName: string }) {
  const { timing, timer } = props;
  const seconds = useSeconds(timer.running, timing.goal);
  const tenths = timing.kind === "refill" || timing.kind === "trial";
  const share = timing.goal ? Math.min(1, seconds / timing.goal) : 0;
  return (
    <section
      aria-label="Timer"
      className="mt-1 flex flex-none items-center gap-3 rounded-md [&_.action]:min-h-11 border-[1.5px] border-line bg-card pr-3 max-md:flex-wrap"
    >
      <button type="button" className="action" onClick={timer.toggle}>
        {timer.isRunning ? STOP[timing.kind] : timer.isStopped ? "Again" : "Start"}{" "}
        <span className="font-normal">{props.keyName}</span>
      </button>
      <span
        role="timer"
        className="min-w-[128px] text-right text-[38px] leading-none font-bold"
        aria-label="Seconds"
      >
        {tenths ? seconds.toFixed(1) : Math.round(seconds)}
        <span className="text-[20px] font-normal text-soft"> s</span>
      </span>
      <span className="flex flex-1 flex-col gap-1 text-[15px] leading-tight max-md:basis-full">
        {timing.goal !== undefined && (
          <span aria-hidden="true" className="relative block h-2.5 rounded-full bg-line">
            <span
              className="absolute inset-y-0 left-0 rounded-full bg-teal"
              style={{ width: `${share * 100}%` }}
            />
            {timing.kind === "trial" && (
              <span
                className="absolute inset-y-[-3px] w-0.5 bg-ink"
                style={{ left: `${(TRIAL.enough / TRIAL.longest) * 100}%` }}
              />
            )}
          </span>
        )}
        <span aria-live="polite">{words(timing, timer, seconds)}</span>
      </span>
      {timer.isStopped && (
        <button type="button" className="min-h-8 text-[15px] underline" onClick={timer.clear}>
          Clear
        </button>
      )}
    </section>
  );
}

const STOP: Record<Timing["kind"], string> = {
  onset: "It comes",
  refill: "Pink",
  hold: "Stop",
  trial: "Let go",
};

function words(timing: Timing, timer: ReturnType<typeof useTimer>, seconds: number): string {
  const whole = timing.goal !== undefined && seconds >= timing.goal;
  switch (timing.kind) {
    case "onset":
      if (timer.isStopped) {
        return whole
          ? `Held ${timing.goal} s. Nothing came: tap Nothing found.`
          : "Onset noted. Let go; tap where it was felt.";
      }
      return timing.goal ? `Up to ${timing.goal} s. Stop the moment it comes.` : "Stop the moment it comes.";
    case "refill":
      return timer.isStopped ? "Refill noted." : "From letting go until the palm is pink.";
    case "hold":
      return timer.isStopped && whole ? `Held ${timing.goal} s.` : `Hold for ${timing.goal} s.`;
    case "trial": {
      const count = `${timer.trials} of up to 3 trials held`;
      return timer.isRunning
        ? seconds >= TRIAL.enough
          ? "Long enough."
          : `Hold ${TRIAL.enough} to ${TRIAL.longest} s.`
        : `Hold ${TRIAL.enough} to ${TRIAL.longest} s; ${count}.`;
    }
  }
}
