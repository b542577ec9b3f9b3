<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\BenchSteps;
use DuskSwitch\Core\Format\Fingerprint;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Link\InstalledKit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use stdClass;

/** A test at the aircraft stays valid while what it tested is as it was, and no longer. */
final class FingerprintTest extends TestCase
{
    /** @return array<string, string> by step, binding and whole */
    private static function prints(string $demo, ?callable $change = null): array
    {
        $document = json_decode(Given::demo($demo));
        $change === null ?: $change($document);
        $program = ProgramDecoder::decode((string) json_encode($document));
        $print = new Fingerprint(
            InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue()),
        );
        $prints = ['binding' => $print->binding(), 'whole' => $print->whole()];
        foreach (BenchSteps::all() as $step) {
            $prints[$step->id()] = $print->step($step);
        }

        return $prints;
    }

    private static function channel(stdClass $d, string $role): stdClass
    {
        return array_values(array_filter($d->outputs, fn (stdClass $one): bool => $one->role === $role))[0];
    }

    private static function function(stdClass $d, string $purpose): stdClass
    {
        return array_values(
            array_filter($d->functions, fn (stdClass $one): bool => ($one->purpose ?? '') === $purpose),
        )[0];
    }

    private static function controller(stdClass $d): stdClass
    {
        return $d->aboard->controller ??= new stdClass();
    }

    /** @return array<string, array{callable(stdClass): mixed, list<string>}> what an edit of Nightjar makes untested */
    public static function edits(): array
    {
        return [
            'the roll channel turned round' => [
                fn ($d) => (self::channel($d, 'input-roll')->reverse = true),
                ['order', 'ends', 'surfaces', 'tilt', 'corners', 'arming', 'whole'],
            ],
            'the roll channel longer' => [
                fn ($d) => (self::channel($d, 'input-roll')->travel = 0.9),
                ['ends', 'corners', 'arming', 'whole'],
            ],
            'the receiver' => [fn ($d) => ($d->receiver = 'lantern-r12'), ['jitter', 'binding', 'failsafe', 'range', 'whole']],
            'the sub-type' => [fn ($d) => ($d->aboard->kit->subtype = 'wide-8'), ['binding', 'range', 'whole']],
            'the number that the receiver answers to' => [
                fn ($d) => ($d->aboard->kit->match = 9),
                ['binding', 'whole'],
            ],
            'the low mark' => [fn ($d) => (self::controller($d)->low = 1080), ['corners', 'arming', 'whole']],
            'the order that the controller expects' => [
                fn ($d) => (self::controller($d)->order = ['throttle', 'roll', 'pitch', 'yaw']),
                ['order', 'tilt', 'whole'],
            ],
            'the speed controller' => [fn ($d) => ($d->aboard->kit->speedController = 'heron-120'), ['speed-controllers', 'motors', 'whole']],
            'the controller' => [
                fn ($d) => ($d->controller = 'keel-mite'),
                [
                    'sticks',
                    'order',
                    'ends',
                    'jitter',
                    'board',
                    'tilt',
                    'speed-controllers',
                    'motors',
                    'hand-test',
                    'corners',
                    'arming',
                    'failsafe',
                    'whole',
                ],
            ],
            'a dead band' => [fn ($d) => (self::function($d, 'roll')->deadband = 0.02), ['jitter', 'whole']],
            'the failsafe of a channel' => [fn ($d) => ($d->aboard->failsafe[0]->does = 1444), ['failsafe', 'whole']],
        ];
    }

    /**
     * @param  callable(stdClass): mixed  $change
     * @param  list<string>  $untested
     */
    #[DataProvider('edits')]
    public function test_an_edit_makes_untested_what_it_touches_and_nothing_else(
        callable $change,
        array $untested,
    ): void {
        $before = self::prints('nightjar');
        $after = self::prints('nightjar', $change);
        $changed = array_keys(
            array_filter(
                $before,
                fn (string $print, string $of): bool => $after[$of] !== $print,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        sort($changed);
        sort($untested);

        self::assertSame($untested, $changed);
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_names_readings_and_the_order_of_lines_make_nothing_untested(string $demo): void
    {
        self::assertSame(
            self::prints($demo),
            self::prints($demo, function (stdClass $d): void {
                $d->name = 'Seeschwalbe';
                $d->aboard ??= new stdClass();
                $d->aboard->readings = [
                    (object) [
                        'channel' => $d->outputs[0]->channel,
                        'sent' => [1000, 1500, 2000],
                        'read' => [1003, 1501, 1996],
                    ],
                ];
            }),
        );
        $renamed = self::prints($demo, function (stdClass $d): void {
            foreach ([...$d->functions, ...$d->outputs] as $place => $one) {
                $one->name = "Name {$place}";
            }
        });
        $steps = array_flip(array_map(fn (BenchStep $one): string => $one->id(), BenchSteps::all()));
        self::assertSame(array_intersect_key(self::prints($demo), $steps), array_intersect_key($renamed, $steps));
    }

    /** What pilots have on record stays valid: a print is made tomorrow as it was made yesterday. */
    public function test_prints_that_were_kept_are_still_made(): void
    {
        $program = Schools::program(Schools::document('plane with a motor cut'));
        $print = new Fingerprint(
            InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue()),
        );
        $steps = array_map(
            fn (string $id): string => $print->step(BenchSteps::by($id) ?? self::fail()),
            ['order', 'surfaces', 'arming'],
        );

        self::assertSame(
            ['4875e8814b81b62e67020ce8', 'c63419e4f3441940ee0c7f29', '06f0056bdedf7d3273cad2ad'],
            $steps,
        );
        self::assertSame('b6c8527c47be482102bbefa6', $print->binding());
        self::assertSame('804c0fb9228fdecbc033e2b2', $print->equipment());
        self::assertSame('214c5affa7b671a11789892b', $print->whole());
    }

    public function test_each_step_has_a_print_of_its_own(): void
    {
        $prints = self::prints('rook');

        self::assertCount(count($prints), array_unique($prints));
    }

    /** @return array<string, array{string, list<string>}> */
    public static function needs(): array
    {
        return [
            'a multirotor has no surfaces' => [
                'nightjar',
                [
                    'sticks',
                    'order',
                    'ends',
                    'jitter',
                    'board',
                    'speed-controllers',
                    'motors',
                    'hand-test',
                    'arming',
                    'failsafe',
                    'range',
                ],
            ],
            'a sailplane has no controller' => [
                'petrel',
                [
                    'sticks',
                    'order',
                    'ends',
                    'surfaces',
                    'speed-controllers',
                    'motors',
                    'arming',
                    'failsafe',
                    'range',
                ],
            ],
            'a helicopter has all but a swash of its own' => [
                'rook',
                [
                    'sticks',
                    'order',
                    'ends',
                    'jitter',
                    'board',
                    'tilt',
                    'speed-controllers',
                    'motors',
                    'arming',
                    'failsafe',
                    'range',
                ],
            ],
        ];
    }

    /** @param  list<string>  $steps */
    #[DataProvider('needs')]
    public function test_only_what_the_aircraft_has_is_asked_for(string $demo, array $steps): void
    {
        $program = ProgramDecoder::decode(Given::demo($demo));
        $kit = InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue());

        self::assertSame(
            $steps,
            array_map(
                fn (BenchStep $one): string => $one->id(),
                BenchSteps::needed($kit),
            ),
        );
    }
}
