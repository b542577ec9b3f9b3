/** A view of a station: where it is, what it's called, what it's for. */
export type Place = { path: string; name: string; says: string }

type Station = { path: string; name: string; says: string; views: Place[] }

/** The stations in the order of the work, each with its views; the first is the one that opens. */
export const PLACES = {
  kit: {
    path: 'kit',
    name: 'Kit',
    says: 'The equipment of this aircraft',
    views: [
      { path: 'equipment', name: 'Equipment', says: 'Choose receiver, controller and pack, and see whether they fit.' },
      { path: 'binding', name: 'Binding', says: 'Bind this pair step by step, with a receiver to practise on.' },
    ],
  },
  program: {
    path: 'program',
    name: 'Program',
    says: 'What each control does',
    views: [
      { path: 'loom', name: 'Loom', says: 'Which control moves which function, and which function which output.' },
      { path: 'mixing', name: 'Mixing', says: 'How functions are mixed to outputs, by recipe or by hand.' },
      { path: 'rates', name: 'Rates and curves', says: 'How much a stick does, and how evenly.' },
      { path: 'throws', name: 'Throws', says: 'How far each surface goes, in mm or degrees.' },
      { path: 'phases', name: 'Phases', says: 'Settings that change together, chosen by a condition.' },
      { path: 'styles', name: 'Styles', says: 'What changes at once with the style switch of a helicopter.' },
      { path: 'training', name: 'Training', says: 'Planned steps from gentle to full control.' },
      { path: 'sheet', name: 'Sheet', says: 'Everything to enter into the transmitter, line by line.' },
    ],
  },
  prove: {
    path: 'prove',
    name: 'Prove',
    says: 'Is it safe in every switch position?',
    views: [
      { path: 'live', name: 'Live', says: 'The pulses as they leave the transmitter now.' },
      { path: 'bench', name: 'Bench', says: 'The check with the aircraft on the bench, propellers off.' },
      { path: 'findings', name: 'Findings', says: 'What the proof found, with a fix for each.' },
      { path: 'switch-map', name: 'Switch map', says: 'Every combination of switch positions at a glance.' },
      { path: 'setup', name: 'Controller set-up', says: 'The ranges and modes as the flight controller has them.' },
      { path: 'failsafe', name: 'Failsafe', says: 'What each channel does on signal loss, and its test.' },
    ],
  },
  telemetry: {
    path: 'telemetry',
    name: 'Telemetry',
    says: 'What the aircraft sends, and what you hear of it',
    views: [
      { path: 'sensors', name: 'Sensors', says: 'The sensors on board, and whether each is found.' },
      { path: 'values', name: 'Values', says: 'Received and calculated values, and their units.' },
      { path: 'alarms', name: 'Alarms', says: 'When you are warned, and at which level.' },
      { path: 'callouts', name: 'Callouts', says: 'What is spoken, when, and how it sounds.' },
      { path: 'pages', name: 'Pages', says: 'What you look at, on the screen and in the picture.' },
      { path: 'rehearsal', name: 'Rehearsal', says: 'A whole flight by ear, before the aircraft is at risk.' },
    ],
  },
  fly: {
    path: 'fly',
    name: 'Fly',
    says: 'Ready to fly?',
    views: [
      { path: 'ready', name: 'Before you fly', says: 'What is left to do before this aircraft flies.' },
      { path: 'checklists', name: 'Checklists', says: 'Lists made from this program, to go through at the field.' },
      { path: 'flights', name: 'Flights', says: 'What was flown: recordings and notes, and what they tell.' },
      { path: 'learn', name: 'Learn', says: 'What your flights say of alarm levels, the current sensor, and changes.' },
      { path: 'upkeep', name: 'Upkeep', says: 'Work that was done and is due, weight and balance.' },
    ],
  },
} as const satisfies Record<string, Station>

export type StationId = keyof typeof PLACES

/** Addresses of former versions, by station and view. */
export const FORMER: Record<string, { station: StationId; views: Record<string, string> }> = {
  wire: { station: 'program', views: { shapes: 'rates', ladder: 'training' } },
  sense: { station: 'telemetry', views: { chain: 'sensors', speech: 'callouts' } },
}
