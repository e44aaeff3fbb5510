/** What a screen is for and how one works on it: a line on its purpose, and the first things one does there. */
export interface Help {
  title: string;
  purpose: string;
  first: readonly string[];
  /** What only a key does. */
  keys?: readonly (readonly [string, string])[];
}

/** By the address of the screen; the most particular first. */
const SCREENS: readonly (readonly [RegExp, Help])[] = [
  [
    /^\/jobs\/[^/]+\/brief/,
    {
      title: 'Brief',
      purpose: 'What the job asks, as demands that are proved one by one.',
      first: [
        'Edit the brief: dates, how it is worn, lenses, who looks, who pulls focus. What nobody has said is listed with what holds until then.',
        'Bodies: add one, or rig it as another’s twin.',
        'At the right every demand says whether it is met and by what. What no figure proves is ticked by a person.',
        'Below: remarks for whoever comes next, and the crew from outside, who sees this one job until it is back.',
      ],
    },
  ],
  [
    /^\/jobs\/[^/]+\/bench/,
    {
      title: 'Bench',
      purpose: 'One body in one way of being worn: its parts, its drawing, and what is found of it.',
      first: [
        'Choose a part in the stack or the drawing; its card sets slides and angles and adds, exchanges, moves or takes off.',
        'Drag a part along its slide; figures and findings follow. In space (5) the rig is turned by pulling or by arrow keys.',
        'A finding says what was measured and needed, and offers what was tried to mend it.',
        'More, History: the build as it was, who decided what.',
      ],
      keys: [
        ['↑ ↓', 'choose the part above or below'],
        ['← →', 'nudge its first setting by 1 (Shift 10, Alt 0.1)'],
        ['[ ]', 'lens before, lens after'],
        ['Esc', 'choose nothing; stop measuring'],
      ],
    },
  ],
  [
    /^\/jobs\/[^/]+\/lenses/,
    {
      title: 'Lenses',
      purpose: 'The lens set: what each lens draws, what cuts its corners, what turns its rings.',
      first: [
        'Read the column Corners: an edge that cuts is named with the stops it takes. Press a lens and see it drawn.',
        'Try without a stage, or with the box nearer: everything is worked out anew, nothing is stored.',
        'Below: how many stages serve the whole set, and the order of lenses that takes least.',
      ],
    },
  ],
  [
    /^\/jobs\/[^/]+\/papers/,
    {
      title: 'Papers',
      purpose: 'All that goes along on paper: the prep book, a card for each of the crew, labels and lists.',
      first: [
        'Choose the paper, leave out what you do not want, and make the book; or take a sheet alone.',
        'A card is one page in large type for one person: the operator, focus, data, sound and others.',
        'What stands there is what the screens show now. Papers that people signed are kept on Dispatch.',
      ],
    },
  ],
  [
    /^\/jobs\/[^/]+\/media/,
    {
      title: 'Media',
      purpose: 'What the day records, on which cards, and when the last copy is made; and the log of the rolls.',
      first: [
        'Read the day card by card: in the body, waiting for a reader, being copied, free again. Red is where recording waits.',
        'Try more cards or a reader less: everything is worked out anew, nothing is stored.',
        'On the day scan the card that goes in; a card that is not free is refused. Press on as it is out, copied, checked, free.',
      ],
    },
  ],
  [
    /^\/jobs\/[^/]+\/assembly/,
    {
      title: 'Assembly',
      purpose: 'The rig put together from its parts, one step at a time: which part, from where, with which key.',
      first: [
        'Read the step: part, faces that meet, key, how firm. The drawing shows what is on, and the new part lit.',
        'Do it, make the check, and press Done. Whoever else works on the rig sees it at once.',
        'Why now says what would be blocked or harmed otherwise. Steps on the left can be done in another order where nothing forbids it.',
      ],
      keys: [
        ['space', 'this step is done, or is not'],
        ['↑ ↓', 'the step before, the one after'],
        ['s', 'scan or type a part'],
      ],
    },
  ],
  [
    /^\/jobs\/[^/]+\/power/,
    {
      title: 'Power',
      purpose: 'From every battery to every device: volts, amperes and watts at each step, and the day in blocks.',
      first: [
        'Look at the day: how often batteries change, what charges at the meal, what is short.',
        'Try another battery, more of them or more bays beside it; nothing is changed by trying.',
        'Batteries and mains: local codes and the maker’s words go before what is shown here.',
      ],
    },
  ],
  [
    /^\/jobs\/[^/]+\/signal/,
    {
      title: 'Signal',
      purpose: 'Which picture, sound and time reaches whom, through which boxes and cables.',
      first: [
        'Look at the viewers: what each sees, with which look, how late.',
        'Switches of a box are set where it stands; the cable list prints with labels.',
      ],
    },
  ],
  [
    /^\/jobs\/[^/]+\/changeover/,
    {
      title: 'Changeover',
      purpose: 'From one way of being worn to another: steps in the order they can be done, minutes and keys.',
      first: ['Press a field of the matrix; the steps and both ways side by side stand below.'],
    },
  ],
  [
    /^\/jobs\/[^/]+\/tests/,
    {
      title: 'Tests',
      purpose: 'What is tried and measured on a body before it leaves, by place at the bench.',
      first: [
        'Do what the card says; press It is so, or It is not with a word on what is wrong.',
        'What is measured is read from an instrument or typed in with how far it may be off; the limits decide.',
        'Some want a second person. What is changed on the rig afterwards is tried anew.',
      ],
      keys: [
        ['space', 'it is so'],
        ['↑ ↓', 'the test before, the one after'],
        ['v', 'the figure measured'],
      ],
    },
  ],
  [
    /^\/jobs\/[^/]+\/packing/,
    {
      title: 'Packing',
      purpose: 'Pieces into their cases by scanning, and back again.',
      first: [
        'Scan a piece: it goes into the open case. Scan a case’s label, or press its line, to open another.',
        'What is only counted has a button in its line. A piece that may not go is refused with the reason.',
        'Back: scan everything; what is damaged or missing wants a word, and is kept from the next job.',
      ],
    },
  ],
  [
    /^\/calendar/,
    {
      title: 'Calendar',
      purpose: 'Four weeks of the house: what each job is at, and what is wanted twice.',
      first: [
        'A bar says what a job is at: prep, tests, loads out, shoots, comes back.',
        'Above: people on two jobs on the same days, pieces that are built into two rigs, and types of which several jobs want more than may go.',
        'ICS gives all of it to a calendar of your own.',
      ],
    },
  ],
  [
    /^\/stock/,
    {
      title: 'Stock',
      purpose: 'The pieces of the house: each with its code, its state and where it is.',
      first: [
        'Search by code, type, serial, shelf or owner; a code opens the piece with everywhere it has been.',
        'From a file takes a list; nothing is stored while something in it is wrong.',
      ],
    },
  ],
  [
    /^\/jobs\/[^/]+\/dispatch/,
    {
      title: 'Dispatch',
      purpose: 'What leaves the house: pull list, cases, screws and keys, and the signatures.',
      first: [
        'Pack the kit: any part and count, or a list pasted from a spreadsheet.',
        'The ladder says how far it is and what the next stage rests on: steps ticked, tests passed, two names, pieces scanned.',
        'When the badge says Clear and the rest is done, two people sign; packed, it is dispatched.',
      ],
    },
  ],
  [
    /^\/catalogue\/make/,
    {
      title: 'New part',
      purpose: 'A part made of what a rule, a scale and a label tell.',
      first: [
        'Choose what it is; each field says how it is measured, the drawing follows.',
        'Name, maker and mass may wait: it is usable at once.',
      ],
    },
  ],
  [
    /^\/catalogue/,
    {
      title: 'Catalogue',
      purpose: 'The house’s parts, with their ports, figures and where they are used.',
      first: [
        'Search by name, or by what is in the hand: “flat plate, two 3/8 screws, slot 38 mm”.',
        'A part’s page compares its revisions and takes a new one up in the jobs that have the old.',
        'What came in by a list or a package is held until a lead offers it.',
      ],
    },
  ],
  [
    /^\/calculators/,
    {
      title: 'Calculators',
      purpose:
        'Sums of the bench without a job: shims, rods and height, docking, power, keys, corners, flange, gears, cards.',
      first: ['Type what you measured; the answer follows as you type.'],
    },
  ],
  [
    /^\/house/,
    {
      title: 'House',
      purpose: 'Mounting standards, ways of working and the figures that the checks judge by.',
      first: [
        'A lead changes one; every open job is judged anew, and the screen says which verdicts changed.',
        'Before a figure is set, see what it would change.',
      ],
    },
  ],
  [
    /^\/notes/,
    {
      title: 'Notes',
      purpose: 'What people learnt of types, pieces, standards and jobs, and what broke or went missing.',
      first: [
        'A note is written where the thing is used: on its card on the Bench, at a step of Assembly, when a job comes back.',
        'It is shown on every job that has the thing, until somebody settles it for a reason.',
      ],
    },
  ],
  [
    /^\/people/,
    {
      title: 'People',
      purpose: 'Who may sign in, what they may do, and what was done here.',
      first: [
        'Invite somebody: the code that appears is told once and works once, at /join.',
        'Other roles or a new code end a person’s sessions.',
      ],
    },
  ],
  [/^\/me/, { title: 'Your account', purpose: 'Your name, your password, and where you are signed in.', first: [] }],
  [
    /^\/jobs/,
    {
      title: 'Jobs',
      purpose: 'What loads out next, and what holds it.',
      first: [
        'New job needs a title and a day, or an earlier job to be made after.',
        'The badge says what holds a job; press it to go there.',
        'A package file of another house is opened from here; what it brings is proposed, not believed.',
      ],
    },
  ],
];

export const helpFor = (path: string): Help | undefined => SCREENS.find(([where]) => where.test(path))?.[1];
