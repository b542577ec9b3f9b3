<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Speech\Phrasebook;
use DuskSwitch\Core\Speech\QueuedPhrase;
use DuskSwitch\Core\Speech\Voice;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\TestCase;

/** What wants to be said while a flight goes by, and when. */
final class VoiceTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $call
     * @param  array<string, mixed>  $sense
     */
    private static function program(array $call, array $sense = []): Program
    {
        return ProgramDecoder::decode(
            Given::text([
                'receiver' => 'lantern-r8',
                'phases' => [
                    ['id' => 'cruise', 'name' => 'Cruise'],
                    ['id' => 'thermal', 'name' => 'Thermal flight', 'when' => ['control' => 'left-shoulder', 'at' => 'away']],
                ],
                'functions' => [
                    [
                        'id' => 'arm',
                        'name' => 'Arm',
                        'steps' => [
                            ['id' => 'safe', 'name' => 'Safe', 'value' => -1],
                            ['id' => 'armed', 'name' => 'Armed', 'value' => 1],
                        ],
                        'drive' => ['control' => 'left-front', 'map' => ['away' => 'armed', 'toward' => 'safe']],
                    ],
                ],
                'sense' => $sense + [
                    'calls' => $call === []
                            ? []
                            : [
                                $call + [
                                    'id' => 'call',
                                    'name' => 'Call',
                                    'when' => ['sensor' => 'link-quality', 'below' => 50],
                                    'says' => ['Signal'],
                                ],
                            ],
                ],
            ]),
        );
    }

    /**
     * One sample a second.
     *
     * @param  list<float|null>  $quality
     * @param  list<string>  $arm
     * @param  list<string>  $phase
     * @return list<Sample>
     */
    private static function flight(array $quality, array $arm = [], array $phase = []): array
    {
        return array_map(
            fn (int $i, ?float $one): Sample => new Sample(
                (float) $i,
                $one === null ? [] : ['link-quality' => $one],
                $phase[$i] ?? 'cruise',
                ['arm' => $arm[$i] ?? 'safe'],
                [],
                [],
            ),
            array_keys($quality),
            $quality,
        );
    }

    /**
     * @param  list<Sample>  $flight
     * @return list<string> "3 Signal"
     */
    private static function offers(Program $program, array $flight): array
    {
        $offers = self::voice($program)->hear($flight)->offers;

        return array_map(fn (QueuedPhrase $one): string => "{$one->at} {$one->text}", $offers);
    }

    private static function voice(Program $program): Voice
    {
        return new Voice($program, Given::transmitter(), Values::of($program, Given::catalogue()), new English());
    }

    public function test_it_speaks_when_its_condition_begins_and_once(): void
    {
        self::assertSame(
            ['2 Signal', '5 Signal'],
            self::offers(self::program(['repeat' => 0]), self::flight([90, 80, 40, 30, 90, 20, 20])),
        );
    }

    public function test_it_waits_until_the_condition_has_held(): void
    {
        $call = self::program(['hold' => 2]);

        self::assertSame(['4 Signal'], self::offers($call, self::flight([90, 90, 40, 40, 40, 40])));
        self::assertSame(
            [],
            self::offers($call, self::flight([90, 40, 40, 90, 40, 40, 90])),
            'two dips that are too short',
        );
        self::assertSame(
            ['5 Signal'],
            self::offers($call, self::flight([90, 40, 90, 40, 40, 40, 40])),
            'after a break it is counted from the start',
        );
    }

    public function test_it_repeats_while_it_goes_on(): void
    {
        // Common practice: auto-tuning is said every 5 s while it is on.
        self::assertSame(
            ['1 Signal', '6 Signal', '11 Signal'],
            self::offers(self::program(['repeat' => 5]), self::flight([90, ...array_fill(0, 12, 10.0)])),
        );
        self::assertSame(
            ['3 Signal', '6 Signal'],
            self::offers(self::program(['repeat' => 3, 'hold' => 2]), self::flight([90, ...array_fill(0, 7, 10.0)])),
        );
    }

    public function test_it_is_quiet_until_something_has_held_once(): void
    {
        $call = self::program(['after' => ['step' => ['arm', 'armed']], 'repeat' => 2]);
        $low = array_fill(0, 7, 10.0);

        self::assertSame([], self::offers($call, self::flight($low)));
        self::assertSame(
            ['3 Signal', '5 Signal'],
            self::offers($call, self::flight($low, ['safe', 'safe', 'safe', 'armed', 'safe', 'safe', 'safe'])),
            'armed once is enough',
        );
    }

    public function test_a_condition_is_reported_from_when_to_when_it_held(): void
    {
        $spans = self::voice(self::program(['hold' => 30]))->hear(self::flight([90, 10, 10, 90, 90, 10, 10]))->held;

        self::assertSame(
            ['call' => [[1.0, 3.0], [5.0, 6.0]]],
            $spans,
            'also where it never held long enough to be said',
        );
    }

    public function test_without_telemetry_nothing_is_said(): void
    {
        self::assertSame([], self::offers(self::program([]), self::flight([null, null, null])));
    }

    public function test_steps_and_phases_are_announced_by_their_names_when_they_change(): void
    {
        $program = self::program([], ['announces' => ['arm', 'phase']]);
        $flight = self::flight(
            [90, 90, 90, 90],
            ['safe', 'armed', 'armed', 'safe'],
            ['cruise', 'cruise', 'thermal', 'thermal'],
        );

        self::assertSame(['1 Armed', '2 Thermal flight', '3 Safe'], self::offers($program, $flight));
        self::assertSame(['2 Thermal flight'], self::offers(self::program([], ['announces' => ['phase']]), $flight));
        self::assertSame([], self::offers(self::program([], ['announces' => []]), $flight));
    }

    public function test_values_are_said_as_they_are_then_in_the_pilots_unit(): void
    {
        $program = self::program([
            'says' => ['Quality', ['value' => 'link-quality'], ['value' => 'receiver-volts', 'places' => 1]],
        ]);

        self::assertSame(
            ['1 Quality forty percent Receiver supply missing'],
            self::offers($program, self::flight([90, 40])),
        );
        $bare = self::program(['says' => [['value' => 'link-quality', 'unit' => false]]]);
        self::assertSame(['1 forty'], self::offers($bare, self::flight([90, 40])));
    }

    public function test_the_phrasebook_has_every_piece_once(): void
    {
        $program = ProgramDecoder::decode(Given::demo('petrel'));
        $pieces = (new Phrasebook($program, Values::of($program, Given::catalogue()), new English()))->pieces();

        self::assertSame(count($pieces), count(array_unique(array_keys($pieces))));
        foreach (
            [
                'signal-low' => 'Signal low',
                'height-limit' => 'Height limit,',
                'volts' => 'volts',
                'volt' => 'volt',
                'landing' => 'Landing',
                'cut' => 'Cut',
                'number-020' => 'twenty',
                'point' => 'point',
            ] as $name => $text
        ) {
            self::assertSame($text, $pieces[$name] ?? null, $name);
        }
        foreach (array_keys($pieces) as $name) {
            self::assertMatchesRegularExpression('/^[a-z0-9-]{1,40}$/', $name);
        }
    }
}
