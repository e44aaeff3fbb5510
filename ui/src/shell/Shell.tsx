import { useQueryClient } from '@tanstack/react-query';
import { Button, Tooltip } from 'antd';
import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { csrfHeader } from '../shared/api/client';
import type { Schemas } from '../shared/api/client';
import { isCrew } from '../shared/api/peopleQueries';
import { sendKept } from '../shared/api/acts';
import { keys } from '../shared/api/queries';
import { useCommands } from '../shared/commands/commands';
import { useRefusal } from '../shared/kit/useRefusal';
import { isTyping } from '../shared/kit/typing';
import { words } from '../shared/format/units';
import { useTheme } from '../shared/theme/theme';
import { useLive } from '../shared/live/useLive';
import { Judging } from './Judging';
import { Saving } from './Saving';

const ScreenHelp = lazy(async () => ({ default: (await import('./ScreenHelp')).ScreenHelp }));
const FindAnything = lazy(async () => ({ default: (await import('./FindAnything')).FindAnything }));

/** Ctrl K from anywhere, or a slash where nobody is typing; a question mark for what the screen is for. */
function useShellKeys(open: () => void, help: () => void) {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key === '?' && !e.defaultPrevented && !isTyping(e.target)) help();
      const slash = e.key === '/' && !e.ctrlKey && !e.metaKey && !isTyping(e.target);
      if (!slash && !((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'k')) return;
      e.preventDefault();
      open();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [open, help]);
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
  const [helped, setHelped] = useState(false);
  const { pathname, search } = useLocation();
  useLive(/^\/jobs\/([^/]+)/.exec(pathname)?.[1] ?? '', new URLSearchParams(search).get('build') ?? '');
  useShellKeys(
    useMemo(() => () => setFinding(true), []),
    useMemo(() => () => setHelped(true), []),
  );
  useCommands(() => [
    { title, run: () => setTheme(other) },
    { title: 'What this screen is for', run: () => setHelped(true) },
  ]);

  const refused = useRefusal();
  const told = useRef(refused);
  useEffect(() => {
    told.current = refused;
  });
  useEffect(() => sendKept(client, localStorage, session.username, (e) => told.current(e)), [client, session.username]);

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
          {!isCrew(session) && (
            <>
              <NavLink to="/calendar">Calendar</NavLink>
              <NavLink to="/catalogue">Catalogue</NavLink>
              <NavLink to="/stock">Stock</NavLink>
              <NavLink to="/notes">Notes</NavLink>
              <NavLink to="/calculators">Calculators</NavLink>
              <NavLink to="/house">House</NavLink>
            </>
          )}
          {session.administers && <NavLink to="/people">People</NavLink>}
        </nav>
        <span className="who">
          <Saving />
          <Tooltip title="A job, part, finding, screen or command (/ or Ctrl K)">
            <Button type="text" className="find" onClick={() => setFinding(true)}>
              Find <kbd>/</kbd>
            </Button>
          </Tooltip>
          <Tooltip title="What this screen is for (?)">
            <Button type="text" aria-label="What this screen is for" onClick={() => setHelped(true)}>
              ?
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
      <Judging />
      <Outlet />
      <Suspense>{helped && <ScreenHelp path={pathname} onClose={() => setHelped(false)} />}</Suspense>
      <Suspense>{finding && <FindAnything inHouse={!isCrew(session)} onClose={() => setFinding(false)} />}</Suspense>
    </div>
  );
}
