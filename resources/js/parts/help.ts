import type { AnyView } from './places'

/** Why a view is as it is, sentence by sentence, and the terms that it uses, by the view's path. */
export const HELP: Record<AnyView, { why: string[]; terms: string[] }> = {
  equipment: {
    why: [
      'Receiver, controller, pack and transmitter must fit: the same kind of link and firmware, enough channels, the right supply.',
      'What can’t be checked is said, so that “it fits” is never a guess.',
    ],
    terms: ['Link', 'Receiver', 'Controller', 'Speed controller'],
  },
  binding: {
    why: [
      'A receiver that was bound to another transmitter, link or firmware doesn’t hear yours, or binds and stays in failsafe.',
      'Practise the order here first; then record the real bind.',
    ],
    terms: ['Bind', 'Link', 'Failsafe'],
  },
  loom: {
    why: [
      'Controls on the left move functions in the middle; functions move outputs on the right.',
      'Drag a thread from a control to a function, or select anything to edit it.',
    ],
    terms: ['Function', 'Output', 'Channel', 'Phase'],
  },
  mixing: {
    why: [
      'A recipe writes the mixing of a whole aircraft; you can edit every feed afterwards.',
      'Directions are as you see them: up, down, right, left.',
    ],
    terms: ['Mixing', 'Feed', 'Recipe', 'Differential'],
  },
  rates: {
    why: [
      'Begin with gentle rates and some expo.',
      'Rates set how far, expo how evenly; a curve replaces expo where you need more than that.',
    ],
    terms: ['Rate', 'Expo', 'Curve', 'Dual rate', 'Dead band'],
  },
  throws: {
    why: [
      'Makers of models give throws in mm or degrees: measure once how far each surface goes, then ask for what you want.',
      'Set the linkage first, so that the largest throw needs about the servo’s whole way.',
    ],
    terms: ['Throw', 'Travel', 'Rate', 'Dual rate'],
  },
  phases: {
    why: [
      'The first phase whose condition is met is active; the base phase is active when no other is.',
      'Fade between phases where a sudden change would upset the aircraft.',
    ],
    terms: ['Phase', 'Condition'],
  },
  styles: {
    why: [
      'One switch changes style, expo, throttle curve, pitch curve and gyro gain together.',
      'Rotor speed must change slowly.',
    ],
    terms: ['Hold', 'Curve', 'Step'],
  },
  training: {
    why: [
      'Less expo and more rate step by step, planned by date instead of by chance.',
      'Each step is a revision that you can go back to.',
    ],
    terms: ['Expo', 'Rate'],
  },
  sheet: {
    why: [
      'Enter the lines in this order and tick them.',
      'After an edit only the lines that changed are marked to enter again.',
    ],
    terms: ['Sheet', 'Travel', 'Sub-trim'],
  },
  live: {
    why: [
      'Move a control and watch the pulse that leaves the transmitter.',
      'Propellers off before anything on the bench is powered.',
    ],
    terms: ['Pulse', 'Channel'],
  },
  bench: {
    why: [
      'Each step stands on the one before: order, direction, trims in the middle, centre, ends.',
      'Correct the linkage first; sub-trim is for the rest, until the pulse is the middle that a controller expects.',
    ],
    terms: ['Pulse', 'Reverse', 'Sub-trim', 'Trim', 'Travel'],
  },
  findings: {
    why: [
      'Every switch position was checked, with sticks, dials, sliders and trims anywhere.',
      '“Show on transmitter” sets the hands that show a finding; a fix shows its pulses first.',
    ],
    terms: ['Proof', 'Finding'],
  },
  'switch-map': {
    why: ['Each cell is one combination of switch positions.', 'Look for the one that differs from its neighbours.'],
    terms: ['Arm', 'Flight mode', 'Proof'],
  },
  setup: {
    why: [
      'Enter what the controller’s own screen shows: ranges of modes, arming, order, what it does on signal loss.',
      'The proof judges by it.',
    ],
    terms: ['Range', 'Low mark', 'Priority', 'Flight mode'],
  },
  failsafe: {
    why: [
      'Never keep the last throttle.',
      'Set a pulse that stops the motor, or no signal where the controller then lands or comes home; test it with the transmitter off.',
    ],
    terms: ['Failsafe', 'Signal loss'],
  },
  sensors: {
    why: [
      'Each sensor needs its own address, a supply that suits it and a place on the bus.',
      'Find sensors after every change; old values stay otherwise.',
    ],
    terms: ['Sensor', 'Slot', 'Telemetry'],
  },
  values: {
    why: ['Heights and home start at the first reading: reset telemetry at the field.'],
    terms: ['Telemetry', 'Sensor'],
  },
  alarms: {
    why: [
      'An alarm on voltage under load should last a few seconds before it speaks, or every burst of power sets it off.',
      'Hysteresis keeps it from repeating at its level.',
    ],
    terms: ['Alarm', 'Hysteresis', 'Priority', 'Airtime'],
  },
  callouts: {
    why: ['Hear each phrase as it will sound.', 'What speaks too often is switched off, and missed when it matters.'],
    terms: ['Callout', 'Airtime', 'Variometer'],
  },
  pages: {
    why: [
      'Few values, large enough for a glance: one looks away from the aircraft for a moment only.',
      'What warns you should be on a page, as one looks when one is warned.',
    ],
    terms: ['Page', 'Alarm'],
  },
  rehearsal: {
    why: [
      'The real program flies a simulated aircraft: listen whether you are warned in time, and what is talked over.',
      'Try it with a fault.',
    ],
    terms: ['Rehearsal', 'Alarm', 'Airtime', 'Failsafe'],
  },
  ready: {
    why: [
      'Nothing is done that nobody did.',
      'An item that doesn’t apply is set aside with a reason, which is shown wherever this aircraft is called ready.',
    ],
    terms: ['Readiness list', 'Proof'],
  },
  flights: {
    why: [
      'A recording shows what your alarms would have said, how the pack and the link stood, and where it was.',
      'What nothing recorded tells is said to be unknown; it is never guessed into an answer.',
    ],
    terms: ['Recording', 'Telemetry', 'Alarm', 'Runway'],
  },
  learn: {
    why: [
      'An alarm is right when it leaves what you want to have left, on every flight.',
      'A current sensor is trusted when what it reports is what the charger puts back, at high and at low power.',
    ],
    terms: ['Alarm', 'Recording', 'Scale'],
  },
  upkeep: {
    why: [
      'What was done is noted with its date; what has to be done again is due after flights or months.',
      'An aircraft balances on its mark before its first flight: a drift that trims don’t cure is balance.',
    ],
    terms: ['Trim', 'Readiness list'],
  },
  checklists: {
    why: [
      'Made from this program and its equipment.',
      'The last list is for every flight; it can be closed when nothing is left to do before.',
    ],
    terms: ['Readiness list'],
  },
}
