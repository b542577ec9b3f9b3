<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Speech\Airtime;
use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Speech\Queue;
use DuskSwitch\Core\Speech\QueuedPhrase;
use DuskSwitch\Core\Speech\Report;
use DuskSwitch\Core\Speech\SpokenPhrase;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** One voice: who is heard, when, and what is lost. */
final class SpeechTest extends TestCase
{
    /** Every phrase takes two seconds, but for those that name another time. */
    private const CLIPS = ['note' => 2.0, 'warning' => 2.0, 'critical' => 2.0, 'long' => 12.0, 'longer' => 30.0];

    /** @return list<string> "text from–to" or "text dropped" */
    private static function spoken(QueuedPhrase ...$offers): array
    {
        return array_map(
            fn (SpokenPhrase $one): string => $one->from === null
                ? "{$one->offer->text} dropped"
                : sprintf('%s %.0f–%.0f', $one->offer->text, $one->from, $one->to ?? 0.0),
            (new Queue(new Airtime(new English(), self::CLIPS)))->speak(array_values($offers)),
        );
    }

    private static function offer(float $at, string $text, Priority $priority = Priority::Note): QueuedPhrase
    {
        return new QueuedPhrase($text, $at, $priority, $text);
    }

    public function test_one_after_another(): void
    {
        self::assertSame(
            ['note 0–2', 'warning 2–4', 'note 10–12'],
            self::spoken(self::offer(0, 'note'), self::offer(1, 'warning', Priority::Warning), self::offer(10, 'note')),
        );
    }

    public function test_the_more_urgent_goes_first(): void
    {
        self::assertSame(
            ['warning 0–2', 'critical 2–4', 'note 4–6'],
            self::spoken(
                self::offer(0, 'warning', Priority::Warning),
                self::offer(0.5, 'note'),
                self::offer(1.5, 'critical', Priority::Critical),
            ),
        );
    }

    public function test_what_is_critical_cuts_a_note_short_and_no_warning(): void
    {
        self::assertSame(
            ['long dropped', 'critical 3–5'],
            self::spoken(self::offer(0, 'long'), self::offer(3, 'critical', Priority::Critical)),
        );
        self::assertSame(
            ['long 0–12', 'critical 12–14'],
            self::spoken(self::offer(0, 'long', Priority::Warning), self::offer(3, 'critical', Priority::Critical)),
        );
    }

    public function test_what_waited_too_long_is_stale_and_dropped(): void
    {
        self::assertSame(
            ['longer 0–30', 'note dropped', 'warning dropped', 'critical 30–32'],
            self::spoken(
                self::offer(0, 'longer', Priority::Critical),
                self::offer(1, 'note'),
                self::offer(2, 'warning', Priority::Warning),
                self::offer(3, 'critical', Priority::Critical),
            ),
        );
    }

    public function test_the_report_counts_airtime_a_minute_and_what_was_talked_over(): void
    {
        $said = (new Queue(new Airtime(new English(), self::CLIPS)))->speak([
            self::offer(0, 'long'),
            self::offer(4, 'warning', Priority::Warning),
            self::offer(59, 'note'),
        ]);
        $report = Report::of($said, 120.0);

        self::assertSame([15.0, 1.0], $report->minutes, 'twelve, two, and a second on either side of the minute');
        self::assertEqualsWithDelta(16 / 120, $report->share, 1e-9);
        self::assertSame(
            ['warning'],
            array_map(fn (SpokenPhrase $one): string => $one->offer->text, $report->talkedOver),
            'it waited eight seconds for a note',
        );
        self::assertSame(['warning'], array_map(fn (SpokenPhrase $one): string => $one->offer->text, $report->late));
        self::assertSame([], $report->dropped);
    }

    public function test_whatever_comes_nothing_is_lost_and_no_two_are_said_at_once(): void
    {
        $random = new Randomizer(new Mt19937(4));
        for ($try = 0; $try < 200; $try++) {
            $offers = [];
            for ($i = 0; $i < 30; $i++) {
                $offers[] = self::offer(
                    $random->getInt(0, 600) / 10,
                    array_keys(self::CLIPS)[$random->getInt(0, 3)],
                    Priority::cases()[$random->getInt(0, 2)],
                );
            }
            usort($offers, fn (QueuedPhrase $a, QueuedPhrase $b): int => $a->at <=> $b->at);
            $all = (new Queue(new Airtime(new English(), self::CLIPS)))->speak($offers);
            self::assertCount(30, $all);
            $end = 0.0;
            foreach ($all as $one) {
                if ($one->from !== null) {
                    self::assertGreaterThanOrEqual($end - 1e-9, $one->from);
                    self::assertGreaterThanOrEqual(
                        $one->offer->at - 1e-9,
                        $one->from,
                        'nothing is said before it is known',
                    );
                    $end = $one->to ?? 0.0;
                }
            }
        }
    }

    public function test_a_longer_phrase_takes_longer_and_a_clip_counts_as_it_is(): void
    {
        $airtime = new Airtime(new English(), ['Armed' => 0.71]);

        self::assertSame(0.71, $airtime->of('Armed'));
        self::assertSame(0.0, $airtime->of(''));
        self::assertGreaterThan(
            $airtime->of('Height ten metres'),
            $airtime->of('Height one hundred and twenty metres'),
        );
        self::assertEqualsWithDelta(
            2.57,
            $airtime->of('Height one hundred and twenty metres'),
            0.1,
            'what the shipped voice takes',
        );
    }
}
