<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\KitVerdict;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Link\WireCheck;
use DuskSwitch\Core\Solve\SumSignal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Does the kit fit together? What doesn't says why, and what to do. */
final class VerdictTest extends TestCase
{
    /** @param  callable(\stdClass): mixed|null  $spoil */
    private static function kit(string $demo, ?callable $spoil = null): InstalledKit
    {
        $document = json_decode(Given::demo($demo));
        $spoil === null ?: $spoil($document);
        $program = ProgramDecoder::decode((string) json_encode($document));

        return InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue());
    }

    /** A controller of one's own whose definition names no serial ports: nothing is said of what isn't known. */
    public function test_ports_of_a_controller_that_names_none(): void
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/controllers/keel-f4.json'));
        $full = DefinitionKind::Controllers->decode((string) json_encode($document));
        unset($document->ports);
        $bare = DefinitionKind::Controllers->decode((string) json_encode($document));
        $ports = function (mixed $controller, array $owned): array {
            self::assertInstanceOf(Controller::class, $controller);
            $program = json_decode(Given::demo('nightjar'));
            $program->controller = 'own';
            $program->aboard->kit->ports = $owned;
            $kit = InstalledKit::of(
                ProgramDecoder::decode((string) json_encode($program)),
                Given::transmitter('harbour-16'),
                new OwnEquipment(['own' => $controller]),
            );

            return array_map(
                fn (VerdictPoint $one): string => "{$one->level->value}: {$one->says}",
                (new WireCheck($kit))->ports(),
            );
        };

        self::assertStringStartsWith('not checked: The definition of Keel F4 names no serial ports', $ports($bare, [])[0]);
        self::assertStringStartsWith('wrong: Keel F4 has no serial port uart-2', $ports($bare, [['port' => 'uart-2', 'owner' => 'receiver']])[0]);
        self::assertStringStartsWith(
            'wrong: The receiver uses the serial wire',
            $ports($full, [])[0],
        );
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_the_demo_fits(string $name): void
    {
        self::assertSame(
            [],
            array_filter(
                (new KitVerdict(self::kit($name)))->points(),
                fn (VerdictPoint $one): bool => $one->level === PointLevel::Wrong,
            ),
        );
    }

    /** @return array<string, array{callable(\stdClass): mixed, string, string}> */
    public static function misfits(): array
    {
        return [
            'another link' => [
                fn ($d) => ($d->receiver = 'glimmer-r6'),
                'Link',
                'The program is set to two-way-hopping, and Glimmer R6 speaks One-way hopping: they don\'t bind.',
            ],
            'the wrong sub-type' => [
                fn ($d) => ($d->aboard->kit->subtype = 'wide-8'),
                'Sub-type',
                'The wrong sub-type is chosen: Lantern R8 needs Wide, 16 channels.',
            ],
            'too few channels' => [
                fn ($d) => ([$d->receiver, $d->aboard->kit->subtype] = ['lantern-r4', 'wide-8']),
                'Channels',
                'The program uses channel 10, and 4 get through.',
            ],
            'a wire that it hasn\'t' => [
                fn ($d) => ($d->aboard->kit->wire = 'leads'),
                'Wire',
                'Lantern R8 has no one lead per channel.',
            ],
            'an input set otherwise' => [
                fn ($d) => ($d->aboard->kit->input = 'sum'),
                'Input',
                'The receiver sends serial, and Keel F4 is set to sum signal on one lead: no stick gets through.',
            ],
            'the USB port given away' => [
                fn ($d) => ($d->aboard->kit->ports[1]->port = 'usb'),
                'Ports',
                'USB is given to GPS: you would lock yourself out.',
            ],
            'no port for the receiver' => [
                fn ($d) => array_shift($d->aboard->kit->ports),
                'Ports',
                'The receiver uses the serial wire, and has no serial port on the controller.',
            ],
            'too few cells' => [
                fn ($d) => ($d->aboard->kit->pack = 'midge-1s'),
                'Supply',
                'Keel F4 takes 7 to 26 V, and Midge 1 cell 300 gives 3 to 4.2 V.',
            ],
            'too many cells' => [
                fn ($d) => ($d->aboard->kit->speedController = 'wren-12'),
                'Power',
                'Wren 12 takes up to 2 cells, and Nightjar 4 cells 1300 has 4.',
            ],
            'a receiver on the bare pack, as no speed controller with a regulator is chosen' => [
                function ($d): void {
                    $d->aboard->kit->power = 'pack';
                    unset($d->aboard->kit->speedController);
                },
                'Supply',
                'Lantern R8 takes 4.5 to 10 V, and Nightjar 4 cells 1300 gives 12 to 16.8 V.',
            ],
            'a receiver on the bare pack' => [
                fn ($d) => ([$d->aboard->kit->power, $d->aboard->kit->speedController] = ['pack', 'wren-12']),
                'Supply',
                'Lantern R8 takes 4.5 to 10 V, and Nightjar 4 cells 1300 gives 12 to 16.8 V.',
            ],
        ];
    }

    /** @param  callable(\stdClass): mixed  $spoil */
    #[DataProvider('misfits')]
    public function test_what_does_not_fit_is_told_with_cause_and_cure(
        callable $spoil,
        string $topic,
        string $says,
    ): void {
        $wrong = array_values(
            array_filter(
                (new KitVerdict(self::kit('nightjar', $spoil)))->points(),
                fn (VerdictPoint $one): bool => $one->level === PointLevel::Wrong && $one->topic === $topic,
            ),
        );

        self::assertStringStartsWith($says, $wrong[0]->says ?? 'nothing was found');
        self::assertNotNull($wrong[0]->cure);
    }

    /** @return array<string, array{string, callable(\stdClass): mixed, list<string>}> */
    public static function unknowns(): array
    {
        return [
            'no wire' => [
                'nightjar',
                function (\stdClass $d): void {
                    unset($d->aboard->kit->wire);
                },
                ['Wire'],
            ],
            'no power for the receiver' => [
                'petrel',
                function (\stdClass $d): void {
                    unset($d->aboard->kit->power);
                },
                ['Supply'],
            ],
            'no link' => [
                'rook',
                function (\stdClass $d): void {
                    unset($d->aboard->kit->link, $d->aboard->kit->subtype);
                },
                ['Link'],
            ],
            'no input of the controller' => [
                'nightjar',
                function (\stdClass $d): void {
                    unset($d->aboard->kit->input);
                },
                ['Input'],
            ],
            'no pack' => [
                'nightjar',
                function (\stdClass $d): void {
                    unset($d->aboard->kit->pack);
                },
                ['Supply', 'Power'],
            ],
            'no speed controller' => [
                'rook',
                function (\stdClass $d): void {
                    unset($d->aboard->kit->speedController);
                    $d->aboard->kit->power = 'controller';
                },
                ['Power', 'Supply'],
            ],
            'no controller for channels that one takes in' => [
                'nightjar',
                function (\stdClass $d): void {
                    unset($d->controller);
                    $d->aboard->kit->ports = [];
                },
                ['Controller'],
            ],
            'no receiver' => [
                'petrel',
                function (\stdClass $d): void {
                    unset($d->receiver);
                },
                ['Receiver'],
            ],
            'nothing at all' => [
                'rook',
                function (\stdClass $d): void {
                    unset($d->receiver, $d->controller, $d->aboard->kit);
                },
                ['Receiver', 'Controller', 'Power', 'Current'],
            ],
        ];
    }

    /**
     * @param  callable(\stdClass): mixed  $spoil
     * @param  list<string>  $topics
     */
    #[DataProvider('unknowns')]
    public function test_what_can_not_be_checked_says_so(string $demo, callable $spoil, array $topics): void
    {
        $open = array_values(
            array_filter(
                (new KitVerdict(self::kit($demo, $spoil)))->points(),
                fn (VerdictPoint $one): bool => $one->level === PointLevel::Open,
            ),
        );

        self::assertSame($topics, array_map(fn (VerdictPoint $one): string => $one->topic, $open));
        foreach ($open as $point) {
            self::assertMatchesRegularExpression('/not (checked|said|chosen)/', $point->says);
            self::assertNotNull($point->cure);
        }
    }

    /** Lantern R8 carries sixteen with its wide sub-type. */
    public function test_the_last_channel_that_a_link_carries_still_gets_through(): void
    {
        $says = fn (int $channel): string => array_column(
            array_map(
                fn (VerdictPoint $one): array => [$one->topic, "{$one->level->value} {$one->says}"],
                (new KitVerdict(self::kit('nightjar', fn ($d) => ($d->outputs[9]->channel = $channel))))->points(),
            ),
            1,
            0,
        )['Channels'];

        self::assertSame('fine The program uses 16, the link carries 16.', $says(16));
        self::assertSame('wrong The program uses channel 17, and 16 get through.', $says(17));
    }

    public function test_telemetry_needs_a_link_and_a_receiver_that_send_back(): void
    {
        $level = fn (string $demo, callable $change): string => array_column(
            array_map(
                fn (VerdictPoint $one): array => [$one->topic, $one->level->value],
                (new KitVerdict(self::kit($demo, $change)))->points(),
            ),
            1,
            0,
        )['Telemetry'];

        self::assertSame('fine', $level('nightjar', fn ($d) => null));
        self::assertSame('look', $level('tern', fn ($d) => null), 'a one-way link');
        self::assertSame(
            'look',
            $level('nightjar', fn ($d) => ($d->receiver = 'lantern-r4')),
            'a receiver that is silent on a link that could',
        );
    }

    public function test_what_can_not_work_stands_before_what_is_not_known(): void
    {
        $levels = PointLevel::cases();
        usort($levels, fn (PointLevel $a, PointLevel $b): int => $a->rank() <=> $b->rank());

        self::assertSame([PointLevel::Wrong, PointLevel::Open, PointLevel::Look, PointLevel::Fine], $levels);
        self::assertCount(4, array_unique(array_map(fn (PointLevel $one): int => $one->rank(), $levels)));
    }

    public function test_a_glider_without_a_motor_needs_no_speed_controller(): void
    {
        $points = (new KitVerdict(
            self::kit('petrel', function (\stdClass $d): void {
                $d->outputs = array_values(
                    array_filter($d->outputs, fn (\stdClass $one): bool => $one->role !== 'motor'),
                );
                unset($d->aboard->kit->speedController);
            }),
        ))->points();

        self::assertContains(
            'No motor, so no speed controller.',
            array_map(fn (VerdictPoint $one): string => $one->says, $points),
        );
    }

    public function test_the_kit_without_a_receiver_is_still_checked(): void
    {
        $wrong = array_filter(
            (new KitVerdict(
                self::kit('nightjar', function (\stdClass $d): void {
                    unset($d->receiver);
                    $d->aboard->kit->pack = 'midge-1s';
                    $d->aboard->kit->ports[1]->port = 'usb';
                }),
            ))->points(),
            fn (VerdictPoint $one): bool => $one->level === PointLevel::Wrong,
        );

        self::assertSame(
            ['Ports', 'Supply'],
            array_values(array_map(fn (VerdictPoint $one): string => $one->topic, $wrong)),
        );
    }

    public function test_what_is_worth_a_look_is_told(): void
    {
        $points = (new KitVerdict(
            self::kit('nightjar', function (\stdClass $d): void {
                $d->aboard->kit->power = 'usb';
                $d->aboard->kit->pack = 'rook-6s';
            }),
        ))->points();
        $look = array_map(
            fn (VerdictPoint $one): string => $one->topic,
            array_values(array_filter($points, fn (VerdictPoint $one): bool => $one->level === PointLevel::Look)),
        );

        self::assertSame(['Supply', 'Plugs'], $look);
        self::assertSame(
            'Receiver',
            (new KitVerdict(self::kit('nightjar', fn (\stdClass $d) => ($d->receiver = 'nowhere'))))->points()[0]->topic,
        );
    }

    public function test_eight_channels_fit_a_sum_signal_and_nine_may_not(): void
    {
        // At most 8 channels in a frame of 22.5 ms (common practice).
        self::assertSame([true, false, 8], [SumSignal::fits(8), SumSignal::fits(9), SumSignal::most()]);
        self::assertEqualsWithDelta(21.6, SumSignal::longest(8), 1e-9);
    }
}
