/** How a coach works with Amble, a page a step. `scripts/guide.mjs` writes docs/guide.md from it. */

export interface GuidePage {
  title: string;
  /** What the step is for. */
  about: string;
  points: readonly string[];
}

export const GUIDE: readonly GuidePage[] = [
  {
    title: 'Start a session',
    about: 'Today lists the lessons of the day, and the students of the last days.',
    points: [
      'Press Start beside a student. Amble opens Putt, with what to remember, the green and its speed.',
      'Press Continue to go on with an open session. You come back to the step where you left it.',
      'A new student needs a name and a hand. Everything else on the profile can wait.',
      'Try a simulated session to see all six steps with made-up data. You can take over at any time.',
    ],
  },
  {
    title: 'Check-in',
    about: 'Who is here, where you putt, for how long and with which focus.',
    points: [
      'Add the other students of a group. Each gets a turn while putting.',
      'Conditions such as dew are a note. They never change a measured green speed.',
      'Plan proposes blocks of drills that fit the minutes, the student, the green and the equipment.',
    ],
  },
  {
    title: 'Green speed',
    about: 'Every length on the backstroke table depends on the speed of today’s green.',
    points: [
      'Roll balls from a ramp both ways along one line, or time rolls by hand with the stopwatch.',
      'Without a tool choose Estimate. Figures that rest on an estimate have wider ranges.',
      'A speed of another day is shown with its age. It does not count as today’s measurement.',
    ],
  },
  {
    title: 'Stations',
    about: 'Where to putt from: the length of each station, and its slope if it has one.',
    points: [
      'Type a length in any unit: 12 ft, 3.5 m, 7 steps. Amble remembers how you said it.',
      'Slope to the target is uphill or downhill, and cross slope makes the putt break.',
      'Stations of earlier sessions on the same green are offered again.',
    ],
  },
  {
    title: 'Putt',
    about: 'Tap the lane where the ball stopped. That is all an ordinary ball needs.',
    points: [
      'Hold a finger on the lane to fine-tune: the length is shown above it. Slide off the lane to cancel.',
      'Choose the backstroke before the ball. It stays until the station, the purpose or the student changes.',
      'Press Holed for a ball in the hole. Undo removes the last ball.',
      'Marks such as Mishit take a ball out of the technical figures. The ball stays in the list.',
      'A drill calls each putt, judges each ball and ends by itself.',
    ],
  },
  {
    title: 'Review',
    about: 'What the balls say: the backstroke for each length, and how far and how straight they went.',
    points: [
      'The answer comes first, then its range and the number of balls behind it.',
      'Insights name the likely cause, what to try, and how to check it. Dismiss one that does not fit.',
      'Open “Figures” for the table behind a chart, or export the figures as CSV.',
    ],
  },
  {
    title: 'Wrap-up',
    about: 'What the student takes home, and what you want to see next time.',
    points: [
      'The note, the homework and the next lesson are drafted from the session. Edit what you like.',
      'Share the take-home card by its link, or print it on a card of 105 by 148 mm.',
      'Count the equipment before you leave. Then end the session; you can reopen it later.',
    ],
  },
  {
    title: 'Without a network',
    about: 'Every entry is saved on this device first.',
    points: [
      '“Not synced yet” shows how many entries wait. They are sent when the server answers.',
      'Do not clear the browser’s data while entries wait.',
    ],
  },
];
