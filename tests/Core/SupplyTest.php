<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Format\Kit\ControllerDecoder;
use DuskSwitch\Core\Format\Kit\PowerDecoder;
use DuskSwitch\Core\Format\Kit\ReceiverDecoder;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\Supply;
use DuskSwitch\Core\Link\VerdictPoint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Who powers whom, with equipment of one's own at the very limits. Cells are 3.0 V empty and 4.2 V full, regulators
 * give 5 V (common practice).
 */
final class SupplyTest extends TestCase
{
    /**
     * The points about power, of Nightjar with other equipment.
     *
     * @param  array<string, mixed>  $receiver  what differs from Lantern R8
     * @param  array<string, mixed>  $controller  from Keel F4
     * @param  array<string, mixed>  $speed  from Wren 12
     * @return list<string> level, topic and what it says
     */
    private static function points(
        string $power,
        array $receiver = [],
        array $controller = [],
        ?array $speed = [],
        int $cells = 2,
    ): array {
        $d = json_decode(Given::demo('nightjar'));
        $d->aboard->kit->power = $power;
        $d->aboard->kit->pack = 'own';
        unset($d->aboard->kit->speedController);
        $d->receiver = 'own-receiver';
        $d->controller = 'own-controller';
        $own = [
            'own-receiver' => ReceiverDecoder::read(self::own('receivers/lantern-r8', $receiver)),
            'own-controller' => ControllerDecoder::read(self::own('controllers/keel-f4', $controller)),
            'own' => PowerDecoder::pack(self::own('packs/midge-1s', ['cells' => $cells, 'name' => 'Akku'])),
        ];
        if ($speed !== null) {
            $d->aboard->kit->speedController = 'own-speed';
            $own['own-speed'] = PowerDecoder::speedController(self::own('speed-controllers/wren-12', $speed));
        }
        $catalogue = new OwnEquipment($own);
        $program = ProgramDecoder::decode((string) json_encode($d));

        return array_map(
            fn (VerdictPoint $one): string => "{$one->level->value} {$one->topic}: {$one->says}".
                ($one->level->value === 'not checked' ? " {$one->cure}" : ''),
            (new Supply(InstalledKit::of($program, Given::transmitter(), $catalogue)))->points(),
        );
    }

    /** @param  array<string, mixed>  $differs */
    private static function own(string $file, array $differs): JsonCursor
    {
        $document = (array) json_decode(
            (string) file_get_contents(__DIR__."/../../database/demo/stores/{$file}.json"),
        );

        return new JsonCursor((object) [...$document, 'id' => 'own', ...$differs], '', new Faults());
    }

    /** @return array<string, array{array<int, mixed>, list<string>}> what is on the bench, and what is said of it */
    public static function benches(): array
    {
        $controller = 'fine Supply: Keel F4 gets 6 to 8.4 V.';

        return [
            'just what the receiver takes, from a regulator of 1 mA' => [
                ['pack', ['supply' => [5.0, 5.0], 'draw' => 1], ['supply' => [6.0, 8.4]], ['gives' => 1]],
                [
                    'fine Supply: Lantern R8 gets 5 V from the regulator of Wren 12.',
                    $controller,
                    'fine Power: Akku and Wren 12 fit: 2 cells, tiny plug.',
                ],
            ],
            'one milliampere too little' => [
                ['pack', ['supply' => [5.0, 5.0], 'draw' => 2], ['supply' => [6.0, 8.4]], ['gives' => 1]],
                [
                    'fine Supply: Lantern R8 gets 5 V from the regulator of Wren 12.',
                    'wrong Current: Lantern R8 draws 2 mA, and the regulator of Wren 12 gives 1 mA.',
                    $controller,
                    'fine Power: Akku and Wren 12 fit: 2 cells, tiny plug.',
                ],
            ],
            'more than the receiver takes' => [
                ['controller', ['supply' => [3.0, 4.9], 'draw' => 1], ['supply' => [6.0, 8.4]]],
                [
                    'wrong Supply: Lantern R8 takes 3 to 4.9 V, and Keel F4 gives 5 V.',
                    $controller,
                    'fine Power: Akku and Wren 12 fit: 2 cells, tiny plug.',
                ],
            ],
            'less than the receiver takes' => [
                ['usb', ['supply' => [5.1, 10.0], 'draw' => 1], ['supply' => [6.0, 8.4]]],
                [
                    'wrong Supply: Lantern R8 takes 5.1 to 10 V, and USB gives 5 V.',
                    $controller,
                    'fine Power: Akku and Wren 12 fit: 2 cells, tiny plug.',
                ],
            ],
            'all that USB gives' => [
                ['usb', ['draw' => 500], ['supply' => [6.0, 8.4]]],
                [
                    'fine Supply: Lantern R8 gets 5 V from USB.',
                    'look Supply: USB is enough for binding, not for flying.',
                    $controller,
                    'fine Power: Akku and Wren 12 fit: 2 cells, tiny plug.',
                ],
            ],
            'a milliampere more than USB gives' => [
                ['usb', ['draw' => 501], ['supply' => [6.0, 8.4]]],
                [
                    'fine Supply: Lantern R8 gets 5 V from USB.',
                    'wrong Current: Lantern R8 draws 501 mA, and USB gives 500 mA.',
                    'look Supply: USB is enough for binding, not for flying.',
                    $controller,
                    'fine Power: Akku and Wren 12 fit: 2 cells, tiny plug.',
                ],
            ],
            'the bare pack where no speed controller is chosen' => [
                ['pack', ['supply' => [6.0, 8.4]], ['supply' => [6.0, 8.4]], null],
                [
                    'fine Supply: Lantern R8 gets 6 to 8.4 V from Akku.',
                    $controller,
                    'not checked Power: Cells and plugs are not checked: no speed controller is chosen. Choose it.',
                ],
            ],
            'a full pack is too much for the controller' => [
                ['controller', [], ['supply' => [6.0, 8.3]]],
                [
                    'fine Supply: Lantern R8 gets 5 V from Keel F4.',
                    'wrong Supply: Keel F4 takes 6 to 8.3 V, and Akku gives 6 to 8.4 V.',
                    'fine Power: Akku and Wren 12 fit: 2 cells, tiny plug.',
                ],
            ],
            'a stabiliser hangs on the regulator' => [
                ['pack', [], ['supply' => [5.0, 5.0], 'gives' => 0], ['gives' => 300]],
                [
                    'fine Supply: Lantern R8 gets 5 V from the regulator of Wren 12.',
                    'fine Supply: Keel F4 gets 5 V.',
                    'fine Power: Akku and Wren 12 fit: 2 cells, tiny plug.',
                ],
            ],
            'one cell, and a regulator of a fifth of a milliampere' => [
                [
                    'pack',
                    ['supply' => [5.0, 5.0], 'draw' => 1],
                    ['supply' => [3.0, 4.2], 'gives' => 0.2],
                    ['gives' => 0.2],
                    1,
                ],
                [
                    'fine Supply: Lantern R8 gets 5 V from the regulator of Wren 12.',
                    'wrong Current: Lantern R8 draws 1 mA, and the regulator of Wren 12 gives 0.2 mA.',
                    'fine Supply: Keel F4 gets 3 to 4.2 V.',
                    'fine Power: Akku and Wren 12 fit: 1 cell, tiny plug.',
                ],
            ],
            'a full pack is too much for the receiver by a tenth' => [
                ['pack', ['supply' => [6.0, 8.3], 'draw' => 1], ['supply' => [6.0, 8.4]], null],
                [
                    'wrong Supply: Lantern R8 takes 6 to 8.3 V, and Akku gives 6 to 8.4 V.',
                    $controller,
                    'not checked Power: Cells and plugs are not checked: no speed controller is chosen. Choose it.',
                ],
            ],
            'an empty pack is too little for the controller by a tenth' => [
                ['controller', [], ['supply' => [6.1, 9.0]]],
                [
                    'fine Supply: Lantern R8 gets 5 V from Keel F4.',
                    'wrong Supply: Keel F4 takes 6.1 to 9 V, and Akku gives 6 to 8.4 V.',
                    'fine Power: Akku and Wren 12 fit: 2 cells, tiny plug.',
                ],
            ],
            'one cell too many' => [
                ['controller', [], ['supply' => [5.0, 26.0]], [], 3],
                [
                    'fine Supply: Lantern R8 gets 5 V from Keel F4.',
                    'fine Supply: Keel F4 gets 9 to 12.6 V.',
                    'wrong Power: Wren 12 takes up to 2 cells, and Akku has 3.',
                ],
            ],
        ];
    }

    /**
     * @param  array<int, mixed>  $bench
     * @param  list<string>  $wanted
     */
    #[DataProvider('benches')]
    public function test_each_gets_what_it_takes_to_the_last_volt(array $bench, array $wanted): void
    {
        self::assertSame($wanted, self::points(...$bench));
    }

    public function test_neither_pack_nor_speed_controller_is_said_once(): void
    {
        $d = json_decode(Given::demo('nightjar'));
        unset($d->aboard->kit->pack, $d->aboard->kit->speedController);
        $program = ProgramDecoder::decode((string) json_encode($d));
        $points = array_column(
            array_map(
                fn (VerdictPoint $one): array => [$one->topic, $one->says.' '.$one->cure],
                (new Supply(InstalledKit::of($program, Given::transmitter(), Given::catalogue())))->points(),
            ),
            1,
            0,
        );

        self::assertSame(
            'Cells and plugs are not checked: no pack and no speed controller is chosen. Choose both.',
            $points['Power'],
        );
    }
}
