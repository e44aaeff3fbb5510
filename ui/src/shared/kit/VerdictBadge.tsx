export function VerdictBadge({ clear, text }: { clear: boolean; text: string }) {
  return (
    <span className={`verdict ${clear ? 'clear' : 'held'}`} role="status">
      <span className={`mark ${clear ? 'met' : 'stop'}`}>{text}</span>
    </span>
  );
}
