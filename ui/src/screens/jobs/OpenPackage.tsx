import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { csrfHeader, problemOf } from '../../api/client';
import { keys } from '../../api/queries';

/** Takes a package file in as a new job: all of it, or nothing and the reason. */
export function OpenPackage() {
  const input = useRef<HTMLInputElement>(null);
  const client = useQueryClient();
  const navigate = useNavigate();
  const [error, setError] = useState('');

  const take = async (file: File) => {
    setError('');
    try {
      const answer = await fetch('/api/packages', {
        method: 'POST',
        body: file,
        headers: { ...csrfHeader(), 'Content-Type': 'application/octet-stream' },
      });
      const body: unknown = await answer.json().catch(() => null);
      if (!answer.ok) throw problemOf(answer.status, body);
      await client.invalidateQueries({ queryKey: keys.jobs });
      await navigate(`/jobs/${(body as { job: string }).job}/brief`);
    } catch (e) {
      setError(e instanceof Error ? e.message : 'The file could not be sent.');
    }
  };

  return (
    <span className="open-package">
      <button className="btn" type="button" onClick={() => input.current?.click()}>
        Open a package file
      </button>
      <input
        ref={input}
        hidden
        type="file"
        accept=".json"
        aria-label="Package file"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) void take(file);
          e.target.value = '';
        }}
      />
      {error && (
        <span className="error" role="alert">
          {error}
        </span>
      )}
    </span>
  );
}
