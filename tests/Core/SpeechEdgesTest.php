<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Program\Telemetry\Sound;
use DuskSwitch\Core\Speech\Airtime;
use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Speech\Queue;
use DuskSwitch\Core\Speech\QueuedPhrase;
use DuskSwitch\Core\Speech\Report;
use DuskSwitch\Core\Speech\SpokenPhrase;
use PHPUnit\Framework\TestCase;

/** The voice at its limits: worked by hand, second by second. */
final class SpeechEdgesTest extends TestCase
{
    private static function phrase(float $at, Priority $priority = Priority::Note, string $text = 'x'): QueuedPhrase
    {
        return new QueuedPhrase('c', $at, $priority, $text);
    }

    private static function said(float $at, float $from, float $to, Priority $priority = Priority::Note): SpokenPhrase
    {
        return SpokenPhrase::from(self::phrase($at, $priority), $from, $to);
    }

    public function test_airtime_is_counted_minute_by_minute(): void
    {
        $minutes = fn (float $seconds, SpokenPhrase ...$said): array => Report::of(
            array_values($said),
            $seconds,
        )->minutes;
        self::assertSame([0.0], $minutes(0.0));
        self::assertSame([0.0], $minutes(60.0));
        self::assertSame([0.0, 0.0], $minutes(60.5));
        self::assertSame([3.0, 2.0], $minutes(90.0, self::said(57.0, 57.0, 62.0)), 'over the end of a minute');
        self::assertSame([0.0, 5.0], $minutes(90.0, self::said(60.0, 60.0, 65.0)));
        self::assertSame([1.0, 60.0, 2.0], $minutes(130.0, self::said(59.0, 59.0, 122.0)), 'a whole minute in between');
        self::assertSame([0.0, 7.0], $minutes(70.0, self::said(118.0, 118.0, 125.0)), 'what ends after the flight');
        self::assertSame([0.0], $minutes(50.0, SpokenPhrase::not(self::phrase(3.0), 'stale')));
        self::assertEqualsWithDelta(0.1, Report::of([self::said(1.0, 1.0, 7.0)], 60.0)->share, 1e-12);
        self::assertSame(0.0, Report::of([], 0.0)->share);
    }

    public function test_a_phrase_is_late_after_two_seconds_and_a_warning_talked_over_by_a_note_that_was_there(): void
    {
        $report = Report::of(
            [
                self::said(0.0, 0.0, 3.0),
                self::said(1.0, 3.0, 4.0, Priority::Warning),
                self::said(10.0, 12.0, 13.0, Priority::Warning),
                self::said(20.0, 22.1, 23.0),
            ],
            60.0,
        );
        self::assertSame([22.1], array_map(fn (SpokenPhrase $one): ?float => $one->from, $report->late), 'two are in time');
        self::assertSame([3.0], array_map(fn (SpokenPhrase $one): ?float => $one->from, $report->talkedOver));

        $over = fn (SpokenPhrase ...$said): int => count(Report::of(array_values($said), 60.0)->talkedOver);
        self::assertSame(0, $over(self::said(0.0, 0.0, 3.0), self::said(1.0, 1.04, 2.0, Priority::Warning)), 'at once');
        self::assertSame(1, $over(self::said(0.0, 0.0, 3.0), self::said(1.0, 1.06, 2.0, Priority::Critical)));
        self::assertSame(0, $over(self::said(0.0, 0.0, 1.0), self::said(1.0, 3.0, 4.0, Priority::Warning)), 'it had ended');
        self::assertSame(0, $over(self::said(1.0, 1.0, 3.0), self::said(1.0, 3.0, 4.0, Priority::Warning)), 'it began with it');
        self::assertSame(
            0,
            $over(self::said(0.0, 0.0, 3.0, Priority::Warning), self::said(1.0, 3.0, 4.0, Priority::Warning)),
            'another warning is no note',
        );
        self::assertSame(0, $over(self::said(0.0, 0.0, 3.0), self::said(1.0, 3.0, 4.0)), 'a note may wait');
    }

    public function test_what_waits_is_dropped_after_four_ten_or_thirty_seconds(): void
    {
        $long = str_repeat('la ', 200);
        $seconds = (new Airtime(new English()))->of($long);
        foreach ([[Priority::Note, 4.0], [Priority::Warning, 10.0], [Priority::Critical, 30.0]] as [$priority, $wait]) {
            foreach ([[0.0, null], [0.01, "stale: it waited longer than {$wait} s"]] as [$more, $why]) {
                $said = (new Queue(new Airtime(new English())))->speak([
                    self::phrase(0.0, Priority::Critical, $long),
                    self::phrase($seconds - $wait - $more, $priority),
                ]);
                self::assertSame([$priority, $why], [$said[1]->offer->priority, $said[1]->dropped]);
            }
        }
    }

    public function test_a_note_is_cut_by_what_is_critical_before_its_end_and_not_at_it(): void
    {
        $end = (new Airtime(new English()))->of('one');
        foreach ([[$end - 0.01, true], [$end, false], [$end + 0.01, false]] as [$at, $cut]) {
            $said = (new Queue(new Airtime(new English())))->speak([
                self::phrase(0.0, Priority::Note, 'one'),
                self::phrase($at, Priority::Critical, 'two'),
            ]);
            self::assertSame($cut ? 'cut short by something critical' : null, $said[0]->dropped);
            self::assertSame(max($at, $cut ? $at : $end), $said[1]->from);
        }
        $said = (new Queue(new Airtime(new English())))->speak([
            self::phrase(0.0, Priority::Note, 'one'),
            self::phrase(0.1, Priority::Warning, 'two'),
            self::phrase(0.2, Priority::Critical, 'three'),
        ]);
        self::assertSame(['one', 'three', 'two'], array_map(fn (SpokenPhrase $one): string => $one->offer->text, $said));
        self::assertSame(0.2, $said[1]->from, 'a warning in between is no reason to wait');
    }

    public function test_airtime_by_hand(): void
    {
        $airtime = new Airtime(new English(), ['clip' => 1.234]);
        self::assertSame(0.67, $airtime->of('one'), '0.419 s around it and 0.254 s of its own');
        self::assertSame(0.81, $airtime->of('seven'));
        self::assertSame(1.28, $airtime->of('one, seven'), 'a comma takes 0.217 s');
        self::assertSame(0.67, $airtime->of('one,'), 'but none at the end');
        self::assertSame(0.77, $airtime->of('Regen'), 'five letters and two syllables of no word that it knows');
        self::assertSame(1.234, $airtime->of('clip'));
        self::assertSame(0.0, $airtime->of(''));
        self::assertEqualsWithDelta(0.67 + Sound::Knock->seconds(), $airtime->of('one', Sound::Knock), 1e-12);
    }

    public function test_times_in_words(): void
    {
        $english = new English();
        foreach (
            [
                [0.0, 'zero seconds'],
                [0.4, 'zero seconds'],
                [-0.4, 'zero seconds'],
                [-1.0, 'minus one second'],
                [59.6, 'one minute'],
                [60.0, 'one minute'],
                [61.0, 'one minute one second'],
                [120.0, 'two minutes'],
                [-125.0, 'minus two minutes five seconds'],
            ] as [$seconds, $says]
        ) {
            self::assertSame($says, $english->time($seconds));
        }
    }
}
