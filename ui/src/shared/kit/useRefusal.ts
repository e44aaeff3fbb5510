import { App } from 'antd';

/** Tells a refusal where nothing on the screen shows it by itself. */
export function useRefusal() {
  const { message } = App.useApp();
  return (e: unknown) => void message.error(e instanceof Error ? e.message : 'It could not be done.', 6);
}
