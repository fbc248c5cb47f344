import { Problem } from "../api/client";

/** A refusal or failure, where it happened. */
export function ErrorNote(props: {
  error: Error | null;
  /** In place of its own words, where the page has better ones. */
  words?: string | undefined;
  onDismiss?: () => void;
  /** Sends the same again as meant, where that is what is asked. */
  onKeep?: () => void;
}) {
  if (!props.error) {
    return null;
  }
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-stop bg-card px-4 py-2 text-[16px]"
    >
      <span className="min-w-0 flex-1 basis-52">{props.words ?? props.error.message}</span>
      {props.onKeep && props.error instanceof Problem && props.error.question && (
        <button type="button" className="choice ml-auto" onClick={props.onKeep}>
          Keep it all the same
        </button>
      )}
      {props.onDismiss && (
        <button type="button" className="choice ml-auto" onClick={props.onDismiss}>
          Understood
        </button>
      )}
    </div>
  );
}
