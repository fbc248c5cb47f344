/** A picture for the camera of an app: rows of dark (1) and light (0) squares. Always dark on white, as cameras read it. */
export function QrPicture(props: { rows: string[] }) {
  const size = props.rows.length;
  const path = props.rows
    .flatMap((row, y) => [...row].map((cell, x) => (cell === "1" ? `M${x} ${y}h1v1h-1z` : "")))
    .join("");
  return (
    <svg
      role="img"
      aria-label="Picture for the camera of your app"
      viewBox={`-4 -4 ${size + 8} ${size + 8}`}
      className="size-56 bg-white"
    >
      <path d={path} fill="#000" shapeRendering="crispEdges" />
    </svg>
  );
}
