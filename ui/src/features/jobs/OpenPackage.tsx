import { Button, Upload } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { sendFile as send } from '../../shared/api/sendFile';
import type { Schemas } from '../../shared/api/client';
import { keys } from '../../shared/api/queries';
import { MergePanel } from './MergePanel';

/** Takes a package file: as a new job, or, when its job is here, shows what differs and takes the file's side when asked. */
export function OpenPackage({ canMerge }: { canMerge: boolean }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [error, setError] = useState('');
  const [known, setKnown] = useState<{ file: File; comparison: Schemas['PackageDifferences'] } | null>(null);

  const attempt = async (work: () => Promise<void>) => {
    setError('');
    try {
      await work();
    } catch (e) {
      setError(e instanceof Error ? e.message : 'The file could not be sent.');
    }
  };
  const done = async (job: string, screen: string) => {
    await client.invalidateQueries({ queryKey: keys.jobs });
    await client.invalidateQueries({ queryKey: keys.job(job) });
    await navigate(`/jobs/${job}/${screen}`);
  };
  const take = (file: File) =>
    attempt(async () => {
      const comparison = await send<Schemas['PackageDifferences']>('/api/packages/compare', file);
      if (!comparison.isNew) return setKnown({ file, comparison });
      const stored = await send<{ job: string }>('/api/packages', file);
      await done(stored.job, 'brief');
    });
  const merge = (withBrief: boolean) =>
    attempt(async () => {
      if (!known) return;
      await send(`/api/packages/merge?revision=${known.comparison.revision}&withBrief=${withBrief}`, known.file);
      setKnown(null);
      await done(known.comparison.job, 'bench');
    });

  return (
    <span className="open-package">
      <Upload
        accept=".json"
        showUploadList={false}
        beforeUpload={(file) => {
          void take(file);
          return false;
        }}
      >
        <Button>Open a package file</Button>
      </Upload>
      {error && (
        <span className="error" role="alert">
          {error}
        </span>
      )}
      {known && (
        <MergePanel
          comparison={known.comparison}
          canMerge={canMerge}
          onMerge={(b) => void merge(b)}
          onClose={() => setKnown(null)}
        />
      )}
    </span>
  );
}
