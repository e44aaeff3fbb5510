import { useQueryClient } from '@tanstack/react-query';
import { Button, Tooltip } from 'antd';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { NavLink, Outlet, useNavigate } from 'react-router';
import { csrfHeader } from '../shared/api/client';
import type { Schemas } from '../shared/api/client';
import { keys } from '../shared/api/queries';
import { useCommands } from '../shared/commands/commands';
import { isTyping } from '../shared/kit/typing';
import { words } from '../shared/format/units';
import { useTheme } from '../shared/theme/theme';
import { Saving } from './Saving';

const FindAnything = lazy(async () => ({ default: (await import('./FindAnything')).FindAnything }));

/** Ctrl K from anywhere, or a slash where nobody is typing. */
function useFindKeys(open: () => void) {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const slash = e.key === '/' && !e.ctrlKey && !e.metaKey && !isTyping(e.target);
      if (!slash && !((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'k')) return;
      e.preventDefault();
      open();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [open]);
}

/** What somebody is at work; who looks after the people is mostly something else besides. */
function inBar(roles: Schemas['Session']['roles']): string {
  const atWork = roles.filter((r) => r !== 'ADMINISTRATOR');
  return (atWork.length > 0 ? atWork : roles).map(words).join(', ');
}

/** The bar over every screen. */
export function Shell({ session }: { session: Schemas['Session'] }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [theme, setTheme] = useTheme();
  const [finding, setFinding] = useState(false);
  const other = theme === 'day' ? 'night' : 'day';
  const title = other === 'night' ? 'Night theme' : 'Day theme';
  useFindKeys(useMemo(() => () => setFinding(true), []));
  useCommands(() => [{ title, run: () => setTheme(other) }]);

  const signOut = async () => {
    await fetch('/api/logout', { method: 'POST', headers: csrfHeader() });
    client.clear();
    await client.invalidateQueries({ queryKey: keys.session });
    await navigate('/sign-in');
  };

  return (
    <div className="shell">
      <header className="topbar">
        <strong className="brand">Wide Harbor</strong>
        <nav aria-label="Main">
          <NavLink to="/jobs">Jobs</NavLink>
          <NavLink to="/catalogue">Catalogue</NavLink>
          <NavLink to="/calculators">Calculators</NavLink>
          <NavLink to="/house">House</NavLink>
          {session.administers && <NavLink to="/people">People</NavLink>}
        </nav>
        <span className="who">
          <Saving />
          <Tooltip title="A job, part, finding, screen or command (/ or Ctrl K)">
            <Button type="text" className="find" onClick={() => setFinding(true)}>
              Find <kbd>/</kbd>
            </Button>
          </Tooltip>
          <Button type="text" onClick={() => setTheme(other)}>
            {title}
          </Button>
          <NavLink to="/me" className="person">
            {session.displayName}, {inBar(session.roles)}
          </NavLink>
          <Button type="text" onClick={() => void signOut()}>
            Sign out
          </Button>
        </span>
      </header>
      <Outlet />
      <Suspense>{finding && <FindAnything onClose={() => setFinding(false)} />}</Suspense>
    </div>
  );
}
