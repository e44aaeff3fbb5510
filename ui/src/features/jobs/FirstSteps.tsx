import { Link } from 'react-router';

/** What an empty house wants, in order. */
export function FirstSteps({ begins, makes }: { begins: boolean; makes: boolean }) {
  return (
    <ol className="first-house" aria-label="How a house begins">
      <li>
        <strong>Parts.</strong>{' '}
        {makes ? (
          <>
            <Link to="/catalogue/make">Make the first</Link> with a rule, a scale and the label: a body, a lens, a
            plate. A lead may <Link to="/catalogue/import">import a list</Link>.
          </>
        ) : (
          'A technician or a lead makes the first: a body, a lens, a plate.'
        )}
      </li>
      <li>
        <strong>A job.</strong>{' '}
        {begins ? 'New job, above: a title and a day are enough.' : 'The desk or a lead begins one.'}
      </li>
      <li>
        <strong>A body on it,</strong> on its brief; then the Bench: what carries it, its lenses, and part by part.
      </li>
    </ol>
  );
}
