<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\KitCompletion;
use DuskSwitch\Core\Link\KitVerdict;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\KitChoice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What follows from the parts is filled in; what was chosen by hand stays. */
final class KitCompletionTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function demo(): iterable
    {
        foreach (['dunlin', 'midge', 'nightjar', 'petrel', 'rook', 'tern'] as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('demo')]
    public function test_an_aircraft_whose_parts_are_known_fits_after_it(string $name): void
    {
        [$choice, $wrong] = self::completed($name, function (\stdClass $document): void {
            $kit = $document->aboard->kit;
            unset($kit->link, $kit->subtype, $kit->wire, $kit->input, $kit->power, $kit->ports);
        });

        self::assertSame([], $wrong);
        self::assertNotNull($choice->link);
        self::assertNotNull($choice->subtype);
        self::assertNotNull($choice->wire);
        self::assertNotNull($choice->power);
        self::assertNotContains('usb', array_keys($choice->ports), 'USB stays free');
    }

    public function test_a_plane_has_leads_and_a_multirotor_the_serial_wire_on_a_port_of_its_own(): void
    {
        $strip = fn (\stdClass $d) => ($d->aboard->kit = (object) [
            'pack' => $d->aboard->kit->pack,
            'speedController' => $d->aboard->kit->speedController,
        ]);

        [$plane] = self::completed('tern', $strip);
        self::assertSame(['leads', null, 'pack', []], [$plane->wire, $plane->input, $plane->power, $plane->ports]);

        [$multirotor] = self::completed('nightjar', $strip);
        self::assertSame(['serial', 'serial', 'controller'], [$multirotor->wire, $multirotor->input, $multirotor->power]);
        self::assertSame(['receiver'], array_values($multirotor->ports));
    }

    public function test_a_controller_that_gives_no_current_leaves_the_power_to_the_regulator(): void
    {
        [$choice, $wrong] = self::completed('rook', function (\stdClass $document): void {
            unset($document->aboard->kit->power);
        });

        self::assertSame('pack', $choice->power);
        self::assertSame([], $wrong);
    }

    public function test_what_was_chosen_by_hand_stays_even_where_it_does_not_fit(): void
    {
        [$choice] = self::completed('nightjar', function (\stdClass $document): void {
            $document->aboard->kit = (object) [
                'wire' => 'sum',
                'power' => 'usb',
                'ports' => [(object) ['port' => '1', 'owner' => 'Bildsender']],
            ];
        });

        self::assertSame(['sum', 'sum', 'usb'], [$choice->wire, $choice->input, $choice->power]);
        self::assertSame(['1' => 'Bildsender'], $choice->ports);
    }

    public function test_a_taken_port_is_not_given_twice(): void
    {
        [$choice] = self::completed('nightjar', function (\stdClass $document): void {
            $document->aboard->kit = (object) ['ports' => [(object) ['port' => '1', 'owner' => 'GPS']]];
        });

        self::assertSame('GPS', $choice->ports['1'] ?? null);
        self::assertCount(1, array_keys($choice->ports, 'receiver', true));
    }

    public function test_without_a_receiver_nothing_follows_and_a_foreign_link_stays_open(): void
    {
        [$none] = self::completed('tern', function (\stdClass $document): void {
            unset($document->receiver);
            $document->aboard->kit = (object) [];
        });
        self::assertEquals(new KitChoice(), $none);

        // A transmitter that doesn't speak the receiver's link: to choose another one would be wrong.
        [$foreign] = self::completed('midge', function (\stdClass $document): void {
            $document->receiver = 'glimmer-r6';
            $document->transmitter = 'lamplight-12';
            $document->functions = $document->outputs = [];
            $document->aboard = (object) ['kit' => (object) []];
            unset($document->sense, $document->conditions);
        });
        self::assertNull($foreign->link);
    }

    /** @return array{KitChoice, list<string>} the kit, and what is wrong with it */
    private static function completed(string $name, callable $change): array
    {
        $document = json_decode(Given::demo($name));
        $change($document);
        $program = ProgramDecoder::decode((string) json_encode($document));
        $transmitter = Given::transmitter($program->transmitter);
        $completed = KitCompletion::of($program, $transmitter, Given::catalogue());
        $wrong = array_filter(
            (new KitVerdict(InstalledKit::of($completed, $transmitter, Given::catalogue())))->points(),
            fn (VerdictPoint $one): bool => $one->level === PointLevel::Wrong,
        );

        return [$completed->aboard->kit, array_values(array_column($wrong, 'says'))];
    }
}
