<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Link;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Link\BindingAction;
use DuskSwitch\Core\Link\BindingGuide;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\KitVerdict;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Link\ReceiverPort;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\StandIn\SimulatedReceiver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every transmitter with every receiver of Saltmarsh Field: what the verdict says is what the stand-in does. */
final class PairsTest extends TestCase
{
    /** @return iterable<string, array{Transmitter, Receiver}> */
    public static function pairs(): iterable
    {
        foreach (['harbour-16', 'quayside-8', 'lamplight-12'] as $transmitter) {
            foreach (glob(Given::DEMO.'/stores/receivers/*.json') ?: [] as $file) {
                $receiver = basename($file, '.json');
                yield "{$transmitter} and {$receiver}" => [
                    Given::transmitter($transmitter),
                    Given::catalogue()->receiver($receiver) ?? self::fail($receiver),
                ];
            }
        }
    }

    #[DataProvider('pairs')]
    public function test_a_pair_that_fits_binds_and_another_does_not(Transmitter $transmitter, Receiver $receiver): void
    {
        $kit = self::kit($transmitter, $receiver);
        $wrong = array_intersect(['Link', 'Sub-type', 'Firmware'], self::wrong($kit));
        $bound = self::bound($kit);

        self::assertSame($wrong === [], $bound->hears(), implode(', ', $wrong).': '.$bound->says());
        self::assertSame(self::speaks($transmitter, $receiver), ! in_array('Link', $wrong, true));
    }

    #[DataProvider('pairs')]
    public function test_another_sub_type_never_binds(Transmitter $transmitter, Receiver $receiver): void
    {
        foreach (array_keys($transmitter->links[$receiver->link]->subtypes ?? []) as $subtype) {
            $kit = self::kit($transmitter, $receiver, (string) $subtype);
            self::assertSame(
                $subtype !== $receiver->subtype,
                in_array('Sub-type', self::wrong($kit), true),
                (string) $subtype,
            );
            self::assertFalse($subtype !== $receiver->subtype && self::bound($kit)->hears(), (string) $subtype);
        }
        self::assertFalse(self::bound(self::kit($transmitter, $receiver, 'no-such'))->hears());
    }

    #[DataProvider('pairs')]
    public function test_whatever_is_wrong_has_a_cure(Transmitter $transmitter, Receiver $receiver): void
    {
        foreach ((new KitVerdict(self::kit($transmitter, $receiver)))->points() as $point) {
            self::assertNotSame('', $point->says);
            self::assertNotSame(
                [PointLevel::Wrong, null],
                [$point->level, $point->cure],
                "{$point->topic}: {$point->says}",
            );
        }
    }

    #[DataProvider('pairs')]
    public function test_a_one_way_link_gives_no_reading(Transmitter $transmitter, Receiver $receiver): void
    {
        $bound = self::bound(self::kit($transmitter, $receiver));

        self::assertSame($bound->hears() && $receiver->telemetry, $bound->telemetry());
        self::assertFalse(
            $bound->after(BindingAction::TransmitterOff)->telemetry(),
            'nor does one that lost its transmitter',
        );
        self::assertSame(
            $bound->hears(),
            $bound->after(BindingAction::TransmitterOff)->after(BindingAction::TransmitterOn)->hears(),
        );
    }

    private static function speaks(Transmitter $transmitter, Receiver $receiver): bool
    {
        return in_array($receiver->link, array_map(fn (Link $one): string => $one->id, $transmitter->links), true);
    }

    private static function kit(Transmitter $transmitter, Receiver $receiver, ?string $subtype = null): InstalledKit
    {
        $program = ProgramDecoder::decode(
            Given::text([
                'transmitter' => $transmitter->id,
                'receiver' => $receiver->id,
                'functions' => [['id' => 'roll', 'name' => 'Roll', 'drive' => ['axis' => 'roll']]],
                'outputs' => [['channel' => 1, 'name' => 'Roll', 'feeds' => [['from' => 'roll']]]],
                'aboard' => [
                    'kit' => [
                        'link' => $receiver->link,
                        'subtype' => $subtype ?? $receiver->subtype,
                        'wire' => $receiver->wires[0]->value,
                        'power' => 'pack',
                        'pack' => 'petrel-3s',
                        'speedController' => 'heron-45',
                    ],
                ],
            ]),
        );

        return InstalledKit::of($program, $transmitter, Given::catalogue());
    }

    private static function bound(InstalledKit $kit): ReceiverPort
    {
        $acts = BindingGuide::acts($kit->receiver ?? self::fail());

        return array_reduce(
            $acts,
            fn (ReceiverPort $one, BindingAction $act): ReceiverPort => $one->after($act),
            SimulatedReceiver::of($kit),
        );
    }

    /** @return list<string> topics */
    private static function wrong(InstalledKit $kit): array
    {
        return array_values(
            array_map(
                fn (VerdictPoint $one): string => $one->topic,
                array_filter(
                    (new KitVerdict($kit))->points(),
                    fn (VerdictPoint $one): bool => $one->level === PointLevel::Wrong,
                ),
            ),
        );
    }
}
