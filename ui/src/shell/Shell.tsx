import { Button } from 'antd';
import { words } from '../shared/format/units';
import { useQueryClient } from '@tanstack/react-query';
import { NavLink, Outlet, useNavigate } from 'react-router';
import { csrfHeader } from '../shared/api/client';
import type { Schemas } from '../shared/api/client';
import { keys } from '../shared/api/queries';
import { useTheme } from '../shared/theme/theme';

export function Shell({ session }: { session: Schemas['Session'] }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [theme, setTheme] = useTheme();

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
        </nav>
        <span className="who">
          <Button onClick={() => setTheme(theme === 'day' ? 'night' : 'day')}>
            {theme === 'day' ? 'Night theme' : 'Day theme'}
          </Button>
          <span>
            {session.displayName}, {session.role && words(session.role)}
          </span>
          <Button onClick={() => void signOut()}>Sign out</Button>
        </span>
      </header>
      <Outlet />
    </div>
  );
}
