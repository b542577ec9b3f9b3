<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Edits\Differences;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProgramSummary;
use DuskSwitch\Core\Telemetry\CatalogueNames;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** What changed, in the trade's words. */
final class DifferencesTest extends TestCase
{
    /** @return list<string> */
    private function between(string $old, string $new): array
    {
        $facts = function (string $text): array {
            $program = ProgramDecoder::decode($text);

            return ProgramSummary::of(
                $program,
                Given::transmitter($program->transmitter),
                new CatalogueNames($program, Given::catalogue()),
            );
        };

        return Differences::between($facts($old), $facts($new));
    }

    /** @param  callable(\stdClass): mixed  $change */
    #[DataProvider('changes')]
    public function test_a_change_is_said(string $demo, callable $change, string ...$sentences): void
    {
        $document = json_decode(Given::demo($demo));
        $change($document);
        $new = (string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION);

        self::assertSame($sentences, $this->between(Given::demo($demo), $new));
        self::assertCount(count($sentences), $this->between($new, Given::demo($demo)));
    }

    /** @return array<string, list<mixed>> */
    public static function changes(): array
    {
        return [
            'expo in a phase' => [
                'petrel',
                fn ($d) => ($d->functions[0]->shape->cruise->expo = 0.45),
                'Roll expo, Cruise: 30 % → 45 %',
            ],
            'a rate of two sides' => [
                'petrel',
                fn ($d) => ($d->functions[0]->shape->launch->rate = [0.8, 0.9]),
                'Roll rate, Launch: 80 % → 80 % low, 90 % high',
            ],
            'another switch' => [
                'nightjar',
                fn ($d) => ($d->functions[4]->drive->control = 'left-back'),
                'Arm driven by: Left shoulder → Left back',
            ],
            'a detent' => [
                'nightjar',
                fn ($d) => ($d->functions[5]->drive->map->middle = 'self-level'),
                'Flight mode at middle: Come home → Self-level',
            ],
            'a step' => [
                'nightjar',
                fn ($d) => ($d->functions[5]->steps[1]->value = 0.0),
                'Flight mode step Come home: −40 % → 0 %',
            ],
            'an output' => [
                'tern',
                function ($d): void {
                    $d->outputs[0]->reverse = true;
                    $d->outputs[0]->subtrim = -0.015;
                    $d->outputs[3]->feeds[1]->weight = 0.35;
                },
                '1 Ailerons direction: normal → reversed',
                '1 Ailerons sub-trim: 0 % → −1.5 %',
                '4 Rudder feed 2: Roll 20 % → Roll 35 %',
            ],
            'a feed more' => [
                'tern',
                fn ($d) => ($d->outputs[2]->feeds[] = (object) ['from' => 'yaw', 'weight' => 0.1, 'offset' => 0.05]),
                '3 Motor feed 2: none → Yaw 10 %, offset 5 %',
            ],
            'a name and a fade' => [
                'rook',
                function ($d): void {
                    $d->phases[2]->name = 'Fast';
                    $d->phases[2]->fade = 3.0;
                },
                'Phase renamed: Sporty → Fast',
                'Fast fade: 2 s → 3 s',
            ],
            'a step renamed' => [
                'tern',
                fn ($d) => ($d->functions[5]->steps[1]->name = 'Take-off'),
                'Flaps at middle: Half → Take-off',
                'Flaps step 2: Half → Take-off',
            ],
            'something more and something less' => [
                'midge',
                function ($d): void {
                    $d->functions[] = (object) ['id' => 'light', 'name' => 'Light'];
                    array_pop($d->outputs);
                },
                'Added function Light',
                'Removed output 7 Beeper',
            ],
            'a failsafe' => [
                'petrel',
                fn ($d) => ($d->aboard->failsafe[6]->does = 'hold'),
                'Failsafe of channel 7: 1000 µs → keeps the last',
            ],
            'a failsafe less' => [
                'petrel',
                fn ($d) => array_pop($d->aboard->failsafe),
                'Failsafe of channel 7: 1000 µs → none',
            ],
            'the wire and the pack' => [
                'petrel',
                function ($d): void {
                    $d->aboard->kit->wire = 'sum';
                    $d->aboard->kit->pack = 'rook-6s';
                },
                'Wire: leads → sum',
                'Pack: Petrel 3 cells 2200 → Rook 6 cells 5000',
            ],
            'a serial port' => [
                'nightjar',
                fn ($d) => ($d->aboard->kit->ports[1]->owner = 'Vario'),
                'Serial port 2: GPS → Vario',
            ],
            'ranges of modes' => [
                'midge',
                function ($d): void {
                    $d->aboard->controller->modes[1]->from = 1300;
                    array_pop($d->aboard->controller->modes);
                },
                'Range of Free on channel 6: 1275 to 1375 µs → 1300 to 1375 µs',
                'Range of Beeper on channel 7: 1700 to 2100 µs → none',
            ],
            'how it is armed' => [
                'midge',
                fn ($d) => ($d->aboard->controller->arming = (object) ['by' => 'sticks']),
                'Armed by: none → the sticks in a corner: throttle low, yaw right',
            ],
            'what is read' => [
                'midge',
                fn ($d) => ($d->aboard->readings = [
                    (object) ['channel' => 1, 'sent' => [1000, 1500, 2000], 'read' => [1004, 1502, 1999]],
                ]),
                'Reading of channel 1: none → 1004 µs at 1000, 1502 µs at 1500, 1999 µs at 2000',
            ],
            'a purpose, a meaning and a role' => [
                'midge',
                function ($d): void {
                    $d->functions[6]->purpose = 'lights';
                    $d->functions[6]->steps[1]->means = 'other';
                    $d->outputs[6]->role = 'other';
                },
                'Beeper purpose: beeper → lights',
                'Beeper meaning of Sounding: mode beeper → other',
                '7 Beeper role: the controller\'s auxiliary input → other',
            ],
            'the check at power-up' => [
                'petrel',
                fn ($d) => ($d->aboard->startCheck = ['top-left']),
                'Checked at power-up: Left top, Right shoulder → Left top',
            ],
            'a finding accepted' => [
                'petrel',
                fn ($d) => ($d->aboard->accepted = [
                    (object) ['finding' => 'nothing-clips output:1', 'reason' => 'only with brakes out'],
                ]),
                'Accepted nothing-clips: none → only with brakes out',
            ],
            'a dead band and a trim' => [
                'petrel',
                function ($d): void {
                    $d->functions[0]->deadband = 0.02;
                    $d->functions[0]->trim = (object) ['authority' => 0.1];
                },
                'Roll dead band: 0 % → 2 %',
                'Roll trim at its end: 20 % → 10 %',
            ],
            'a condition of a phase' => [
                'nightjar',
                fn ($d) => ($d->phases[1]->when = (object) ['control' => 'dial-left', 'above' => 0.5]),
                'Calm when: Left side away → Left dial above 50 %',
            ],
            'a limit and a travel of two sides' => [
                'tern',
                function ($d): void {
                    $d->outputs[0]->limit = [-1.2, 1.2];
                    $d->outputs[0]->travel = [1.0, 0.9];
                },
                '1 Ailerons travel: 110 % → 100 % low, 90 % high',
                '1 Ailerons limit: −150 % low, 150 % high → −120 % low, 120 % high',
            ],
            'a feed that waits' => [
                'tern',
                function ($d): void {
                    $d->outputs[2]->feeds[0]->delay = 0.5;
                    $d->outputs[2]->feeds[0]->slow = [2.0, 0.5];
                },
                '3 Motor feed 1: Throttle 100 % → Throttle 100 %, 0.5 s late, slow 2 s up, 0.5 s down',
            ],
            'a controller' => ['nightjar', fn ($d) => ($d->controller = 'keel-mite'), 'Controller: Keel F4 → '.
                'Keel Mite'],
            'the whole aircraft' => [
                'dunlin',
                function ($d): void {
                    $d->name = 'Dunlin II';
                    $d->stickMode = 1;
                },
                'Name: Dunlin → Dunlin II',
                'Stick mode: 2 → 1',
            ],
        ];
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_the_same_program_has_no_differences(string $name): void
    {
        self::assertSame([], $this->between(Given::demo($name), Given::demo($name)));
    }

    public function test_of_a_long_text_the_piece_is_told_in_which_it_changed(): void
    {
        $notes = fn (string $end): string => (string) json_encode([
            ...(array) json_decode(Given::demo('midge')),
            'notes' => str_repeat('Not in the hall. ', 12).$end,
        ]);
        self::assertSame(
            ['Notes: …hall. Not in the hall. Red pack → …hall. Not in the hall. Blue pack'],
            $this->between($notes('Red pack'), $notes('Blue pack')),
        );
    }

    /** Each number, text, flag and entry of a program that says all that there is, changed by itself. */
    public function test_no_edit_is_silent(): void
    {
        $text = ProgramEncoder::encode(ProgramDecoder::decode(Everything::text()));
        $summary = fn (Program $program): array => ProgramSummary::of($program, Given::transmitter('lamplight-12'));
        $old = $summary(ProgramDecoder::decode($text));
        $told = 0;
        foreach (self::edits($text) as $path => $edits) {
            foreach ($edits as $edited) {
                try {
                    $new = ProgramDecoder::decode($edited);
                } catch (Refused) {
                    continue;
                }
                if ($new->transmitter === 'lamplight-12' && ProgramEncoder::encode($new) !== $text) {
                    self::assertNotSame([], Differences::between($old, $summary($new)), $path);
                    $told++;
                    break;
                }
            }
        }
        self::assertGreaterThan(600, $told);
    }

    /** @return iterable<string, list<string>> what could be written in place of each value, by its path */
    private static function edits(string $text): iterable
    {
        $walk = function (mixed $value, array $path) use (&$walk): iterable {
            foreach (is_array($value) ? $value : [] as $key => $inside) {
                yield [[...$path, $key], $inside];
                yield from $walk($inside, [...$path, $key]);
            }
        };
        foreach ($walk(json_decode($text, true), []) as [$path, $value]) {
            $others = match (true) {
                is_bool($value) => [! $value],
                is_int($value), is_float($value) => [$value + 0.01, $value - 0.01, $value + 1, $value - 1],
                is_string($value) => ["{$value}x", 'roll', 'away', 'toward'],
                default => [null],
            };
            yield implode('/', $path) => array_map(fn (mixed $to): string => self::with($text, $path, $to), $others);
        }
    }

    /** @param  list<int|string>  $path */
    private static function with(string $text, array $path, mixed $to): string
    {
        $document = json_decode($text);
        $within = &$document;
        $last = array_pop($path);
        foreach ($path as $key) {
            if (is_array($within)) {
                $within = &$within[$key];
            } else {
                $within = &$within->{$key};
            }
        }
        match (true) {
            is_array($within) && $to === null => array_splice($within, (int) $last, 1),
            is_array($within) => $within[$last] = $to,
            default => $within->{$last} = $to,
        };

        return (string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION);
    }
}
