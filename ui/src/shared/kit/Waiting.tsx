/** Says that something is on its way, but only when it takes long enough to be noticed (see app.css). */
export function Waiting() {
  return (
    <p className="waiting" role="status">
      Loading
    </p>
  );
}
