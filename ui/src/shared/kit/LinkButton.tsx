import { Button } from 'antd';
import type { ButtonProps } from 'antd';
import type { MouseEvent } from 'react';
import { useHref, useLinkClickHandler } from 'react-router';

type Props = Omit<ButtonProps, 'href' | 'onClick'> & { to: string };

/** A button that leads to another screen: a real link, to be opened elsewhere as well. */
export function LinkButton({ to, ...rest }: Props) {
  const href = useHref(to);
  const follow = useLinkClickHandler<HTMLAnchorElement>(to);
  return <Button {...rest} href={href} onClick={(e) => follow(e as MouseEvent<HTMLAnchorElement>)} />;
}
