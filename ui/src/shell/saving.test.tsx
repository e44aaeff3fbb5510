import { QueryClient, QueryClientProvider, useMutation } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import { Button } from 'antd';
import { describe, expect, it } from 'vitest';
import { Saving } from './Saving';

const leave = () => {
  const e = new Event('beforeunload', { cancelable: true });
  window.dispatchEvent(e);
  return e.defaultPrevented;
};

function Writes({ until }: { until: Promise<void> }) {
  const write = useMutation({ mutationFn: () => until });
  return <Button onClick={() => write.mutate()}>Write</Button>;
}

describe('what is on its way', () => {
  it('is told, and leaving asks, until it has arrived', async () => {
    let arrive = () => {};
    const until = new Promise<void>((done) => (arrive = done));
    render(
      <QueryClientProvider client={new QueryClient()}>
        <Saving />
        <Writes until={until} />
      </QueryClientProvider>,
    );
    expect(screen.getByRole('status').textContent).toBe('');
    expect(leave()).toBe(false);
    screen.getByText('Write').click();
    await waitFor(() => expect(screen.getByRole('status').textContent).toBe('Saving'));
    expect(leave()).toBe(true);
    arrive();
    await waitFor(() => expect(screen.getByRole('status').textContent).toBe(''));
    expect(leave()).toBe(false);
  });
});
