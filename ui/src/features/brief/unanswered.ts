import type { Schemas } from '../../shared/api/client';

interface Open {
  what: string;
  /** What cannot be proved, or is assumed, as long as nobody says. */
  until: string;
}

/** What the brief does not say yet, and what follows from that; the weightiest first. */
export function unanswered(b: Schemas['BriefView']): Open[] {
  const { shoot } = b.asks;
  const open: (Open | false)[] = [
    shoot.day.length === 0 && { what: 'the day in blocks', until: 'batteries are counted for the hours end to end' },
    b.operator === '' && { what: 'who operates', until: 'nobody’s height, eye or shoulder is looked at' },
    b.operator !== '' &&
      b.profile.heightMm === null && { what: 'the operator’s height', until: 'the eye’s place is not checked' },
    b.massFloorKg + b.massCeilingKg === 0 && { what: 'how heavy it may be', until: 'no mass is too much' },
    b.lenses.length === 0 && { what: 'the lens set', until: 'every lens of the build is checked' },
    shoot.viewers.length === 0 && { what: 'who else looks', until: 'no display has to be reached' },
    shoot.recordings.length === 0 && { what: 'the recording mode', until: 'cards are not counted' },
    b.focusPuller === '' && { what: 'who pulls focus', until: 'the operator does it alone' },
  ];
  return open.filter((o) => o !== false);
}
