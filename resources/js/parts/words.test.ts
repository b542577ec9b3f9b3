import { afterEach, expect, test, vi } from 'vitest'
import { capital, duration, here, percent, secondsOf, today } from './words'

afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
})

test.each([
  [0, 0, '0 %'],
  [0.123, 0, '12 %'],
  [-0.5, 0, '−50 %'],
  [-0.001, 0, '0 %'],
  [-0.0049, 1, '−0.5 %'],
  [1.5, 0, '150 %'],
  [0.004, 0, '0 %'],
])('%f is said as per cent', (signal, digits, says) => expect(percent(signal, digits)).toBe(says))

test.each([
  [0, '0:00'],
  [59.4, '0:59'],
  [59.6, '1:00'],
  [123, '2:03'],
  [3605, '60:05'],
])('%f seconds are minutes and seconds', (seconds, says) => expect(duration(seconds)).toBe(says))

test.each([
  ['2:03', 123],
  ['2', 120],
  ['2.5', 150],
  ['2,5', 150],
  ['1:02:03', 3723],
  [' 0:07 ', 7],
])('%s is what pilots write', (text, seconds) => expect(secondsOf(text)).toBe(seconds))

test.each(['x', '1:x', '1::2', '1:2:3:4', '-1:30'])('%s is no duration', (text) => expect(secondsOf(text)).toBeNaN())

test('a duration that is written is read again', () => {
  for (const seconds of [0, 1, 59, 60, 61, 599, 3599]) expect(secondsOf(duration(seconds))).toBe(seconds)
})

test('the pilot’s day is that of this machine, not of Greenwich', () => {
  vi.useFakeTimers({ now: new Date('2026-05-09T23:30:40Z') })
  const offset = vi.spyOn(Date.prototype, 'getTimezoneOffset')
  offset.mockReturnValue(-120)
  expect([here(), today()]).toEqual(['2026-05-10T01:30', '2026-05-10'])
  offset.mockReturnValue(1440)
  expect([here(), today()]).toEqual(['2026-05-08T23:30', '2026-05-08'])
})

test('a sentence begins with a capital', () => expect([capital('roll'), capital('')]).toEqual(['Roll', '']))
