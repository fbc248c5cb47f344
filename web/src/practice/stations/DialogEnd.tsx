/** How a dialog of practice ends: what was made is kept, or it is left. */
export function DialogEnd(props: { busy: boolean; onCancel: () => void }) {
  return (
    <div className="flex gap-3">
      <button type="submit" className="action" disabled={props.busy}>
        Keep it
      </button>
      <button type="button" className="choice px-4" onClick={props.onCancel}>
        Cancel
      </button>
    </div>
  );
}
