import type { RJSFSchema, UiSchema } from '@rjsf/utils'
import type { StoreKind } from '@/api/types'
import controller from '../../../../schema/controller.schema.json'
import pack from '../../../../schema/pack.schema.json'
import receiver from '../../../../schema/receiver.schema.json'
import scenario from '../../../../schema/scenario.schema.json'
import sensor from '../../../../schema/sensor.schema.json'
import speedController from '../../../../schema/speed-controller.schema.json'
import transmitter from '../../../../schema/transmitter.schema.json'

/** The published schemas: the form of a definition is drawn from them. */
export const schemas: Record<StoreKind, RJSFSchema> = {
  transmitters: transmitter as RJSFSchema,
  receivers: receiver as RJSFSchema,
  controllers: controller as RJSFSchema,
  packs: pack as RJSFSchema,
  'speed-controllers': speedController as RJSFSchema,
  sensors: sensor as RJSFSchema,
  scenarios: scenario as RJSFSchema,
}

const own = (field: string, more: object = {}) => ({
  'ui:field': field,
  'ui:fieldReplacesAnyOrOneOf': true,
  ...more,
})
/** A value in a row of many: a short name, and its share of twelve columns. */
const cell = (title: string, share: string) => ({ 'ui:title': title, 'ui:options': { share } })
const supply = own('Pair', { 'ui:title': 'Supply, from and to, in volts' })
const place = own('Pair', { 'ui:title': 'Place, % across and down' })
const wires = own('Several')
/** Ids follow names; the open document shows them. */
const hidden = { 'ui:widget': 'hidden' }
const formerly = hidden

/** Where “not said” is an answer, too. */
const yesOrNo = (title: string): UiSchema => ({ 'ui:title': title, 'ui:widget': 'select' })

const grid = { hundred: { 'ui:title': 'Points for 100 %' } }
const keying = {
  ...Object.fromEntries(['travel', 'subtrim', 'rate', 'expo', 'weight', 'value'].map((one) => [one, grid])),
  positions: { offset: grid, rate: grid },
  telemetry: {
    'ui:order': ['calls', 'values', 'hold', 'repeat', 'hysteresis', 'joins', 'priorities', 'tone', 'derives', '*'],
    calls: { 'ui:title': 'Alarms and callouts' },
    values: { 'ui:title': 'Calculated values' },
    hold: { 'ui:title': 'Waits before it speaks, in seconds', 'ui:description': '' },
    repeat: { 'ui:title': 'Speaks again, in seconds', 'ui:description': '' },
    hysteresis: yesOrNo('A level has a hysteresis'),
    joins: yesOrNo('Several conditions at once'),
    priorities: yesOrNo('What is urgent speaks first'),
    tone: yesOrNo('Variometer’s tone'),
    derives: own('Several', {
      'ui:title': 'What it can calculate; all where nothing is ticked',
      'ui:options': { share: 'col-span-full' },
    }),
  },
}

const quantities: UiSchema = {
  items: {
    id: hidden,
    unit: { 'ui:options': { asWritten: true } },
    range: own('Pair', { 'ui:title': 'Range, from and to' }),
    'ui:order': ['id', 'name', 'unit', 'range', 'rate', 'measures', 'resolution', 'noise', 'divided'],
  },
}

const common: UiSchema = {
  format: { 'ui:widget': 'hidden' },
  version: { 'ui:widget': 'hidden' },
  id: hidden,
  'ui:order': ['format', 'version', 'name', 'id', '*'],
  'ui:globalOptions': { orderable: false },
}

/** Where a schema alone would draw clumsily. */
export const shown: Record<StoreKind, UiSchema> = {
  transmitters: {
    ...common,
    gimbals: {
      left: { ...place, 'ui:title': 'Left, % across and down' },
      right: { ...place, 'ui:title': 'Right, % across and down' },
    },
    keying,
    links: { items: { id: hidden, subtypes: { items: { id: hidden } } } },
    controls: { items: { id: hidden, place, formerly } },
  },
  receivers: { ...common, supply, wires, link: own('PickLink'), subtype: own('PickSubtype'), quantities },
  controllers: {
    ...common,
    supply,
    wires,
    order: own('Listed'),
    modes: { items: { id: hidden, formerly } },
    slots: { items: { mode: own('PickMode') } },
    none: own('PickMode', { 'ui:title': 'Mode where no range is active' }),
    priority: own('PickModes', { 'ui:title': 'Which wins, in the order in which you tick them' }),
    ports: { items: { formerly } },
  },
  packs: common,
  'speed-controllers': common,
  sensors: {
    ...common,
    supply,
    buses: own('Several'),
    starts: own('Listed'),
    quantities,
    modes: { items: { id: hidden } },
  },
  scenarios: {
    ...common,
    families: own('Several'),
    legs: {
      'ui:options': { orderable: true, copyable: true },
      items: {
        'ui:options': { columns: 'grid-cols-12' },
        says: cell('Says', 'col-span-4'),
        seconds: cell('Seconds', 'col-span-2'),
        speed: cell('Speed, m/s', 'col-span-2'),
        climb: cell('Climb, m/s', 'col-span-2'),
        until: cell('Until, m', 'col-span-2'),
        turn: cell('Turn, °/s', 'col-span-2'),
        towards: cell('Towards', 'col-span-2'),
        lift: cell('Lift, m/s', 'col-span-2'),
        does: { ...own('Doing'), ...cell('Does, as it begins', 'col-span-4') },
        milliwatts: cell('Power, mW', 'col-span-2'),
        glides: cell('Glides', 'col-span-2 self-end'),
        'ui:order': [
          'says',
          'seconds',
          'speed',
          'climb',
          'until',
          'turn',
          'towards',
          'lift',
          'does',
          'milliwatts',
          'glides',
        ],
      },
    },
  },
}
