<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\KitVerdict;
use DuskSwitch\Core\Link\Lead;
use DuskSwitch\Core\Link\PartsCheck;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Link\Wiring;
use DuskSwitch\Core\Program\PartKind;
use DuskSwitch\Core\Program\Program;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The whole machine: what else is on board, who powers whom, and whether it fits. */
final class PartsTest extends TestCase
{
    /**
     * @param  list<array<string, mixed>>  $parts
     * @param  array<string, mixed>  $kit
     */
    private function aircraft(array $parts, array $kit = [], string $demo = 'nightjar'): Program
    {
        $document = json_decode(Given::demo($demo), true);
        $document['aboard']['kit'] = [...$document['aboard']['kit'], ...$kit, 'parts' => $parts];

        return ProgramDecoder::decode((string) json_encode($document));
    }

    private function kit(Program $program): InstalledKit
    {
        return InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue());
    }

    /** @return list<string> */
    private function says(Program $program): array
    {
        return array_map(
            fn (VerdictPoint $one): string => "{$one->level->value} {$one->topic}: {$one->says}",
            (new PartsCheck($this->kit($program)))->points(),
        );
    }

    /** @return iterable<string, array{list<array<string, mixed>>, list<string>}> */
    public static function machines(): iterable
    {
        $part = fn (string $kind, array $more = [], string $id = 'teil'): array => [
            'id' => $id,
            'name' => ucfirst($id),
            'kind' => $kind,
            ...$more,
        ];
        $all = ['supply' => [7, 26], 'draw' => 600, 'fed' => 'pack'];
        yield 'nothing more' => [[], []];
        // Four cells: 12 to 16.8 V (common practice: 3.0 to 4.2 V a cell).
        yield 'on the pack' => [[$part('video', $all)], ['fine Parts: Teil fits: supply, current, ports, firmware.']];
        yield '7 to 26 V on a 5 V pin' => [
            [$part('video', [...$all, 'fed' => 'controller'])],
            ['wrong Supply: Teil takes 7 to 26 V, and Keel F4 gives 5 V.'],
        ];
        yield 'as low as it may be' => [[$part('camera', [...$all, 'supply' => [12, 16.8]])], ['fine Parts: Teil fits: supply, current, ports, firmware.']];
        yield 'a full pack is too much' => [
            [$part('camera', [...$all, 'supply' => [12, 16.7]])],
            ['wrong Supply: Teil takes 12 to 16.7 V, and Nightjar 4 cells 1300 gives 12 to 16.8 V.'],
        ];
        yield 'nobody said what powers it' => [
            [$part('camera', ['supply' => 5])],
            ['not checked Supply: No power source is given for Teil, so its supply is not checked.'],
        ];
        yield 'nobody said what it takes' => [
            [$part('camera', ['fed' => 'pack', 'draw' => 1])],
            ['not checked Supply: The volts that Teil takes are not known, so its supply is not checked.'],
        ];
        $regulator = $part('regulator', ['supply' => [6, 20], 'fed' => 'pack', 'volts' => 9, 'gives' => 1300], 'neun');
        yield 'by a regulator' => [
            [$regulator, $part('video', ['supply' => [7, 13], 'draw' => 650, 'fed' => 'neun', 'count' => 2])],
            ['fine Parts: 2 more parts fit: supply, current, ports, firmware.'],
        ];
        yield 'a milliampere more than it gives' => [
            [$regulator, $part('video', ['supply' => [7, 13], 'draw' => 650.5, 'fed' => 'neun', 'count' => 2])],
            ['wrong Current: Neun gives 1300 mA, and Teil with what else hangs on it draw 1301 mA.'],
        ];
        yield 'what it draws is not known' => [
            [$regulator, $part('video', ['supply' => [7, 13], 'fed' => 'neun'])],
            ['not checked Current: What Teil draws is not known, so the current of Neun is not checked.'],
        ];
        yield 'a regulator that doesn\'t say its volts' => [
            [[...$regulator, 'volts' => null], $part('video', ['supply' => [7, 13], 'draw' => 1, 'fed' => 'neun'])],
            ['not checked Supply: The volts of Neun are not known, so its supply is not checked.'],
        ];
        yield 'on its own battery' => [[$part('display', ['fed' => 'own'])], ['fine Parts: Teil fits: supply, current, ports, firmware.']];
        yield 'two owners of a port' => [
            [$part('gps', ['supply' => 5, 'draw' => 40, 'fed' => 'controller', 'port' => '4'], 'ort'), $part('video', [...$all, 'port' => '4'])],
            ['wrong Ports: Port 4 has two owners: Ort and Teil.'],
        ];
        yield 'the port that stays free' => [
            [$part('video', [...$all, 'port' => 'usb'])],
            ['wrong Ports: USB is given to Teil: you would lock yourself out.'],
        ];
        yield 'a port that isn\'t there' => [
            [$part('video', [...$all, 'port' => '9'])],
            ['wrong Ports: Teil is on serial port 9, and Keel F4 has none of it.'],
        ];
        $system = fn (string $id, ?int $generation): array => $part(
            'video',
            [...$all, 'system' => 'Bildfunk', ...$generation === null ? [] : ['generation' => $generation]],
            $id,
        );
        yield 'three generations' => [
            [$system('a', 3), $system('b', 4), $system('c', 5)],
            ['wrong Firmware: Bildfunk runs firmware of 3 generations: A 3, B 4, C 5.'],
        ];
        yield 'one doesn\'t say' => [
            [$system('a', 3), $system('b', null)],
            ['not checked Firmware: Whether Bildfunk matches is not checked: A 3, B not said.'],
        ];
        yield 'a plug of another size' => [
            [$part('video', [...$all, 'plug' => 'tiny'])],
            ['look Plugs: Nightjar 4 cells 1300 has a medium plug, Teil a tiny one.'],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $parts
     * @param  list<string>  $says
     */
    #[DataProvider('machines')]
    public function test_each_part_is_checked(array $parts, array $says): void
    {
        $without = array_map(fn (array $one): array => array_filter($one, fn ($it): bool => $it !== null), $parts);

        self::assertSame($says, $this->says($this->aircraft($without)));
    }

    public function test_servos_against_the_regulator_with_the_receiver_on_it(): void
    {
        // The receiver and its sensors hang on the same regulator.
        $kit = $this->kit($this->aircraft([], demo: 'petrel'));
        $free = ($kit->speedController->gives ?? 0) - ($kit->receiver->draw ?? 0) -
            array_sum(array_column($kit->sensors, 'draw'));
        $servos = fn (float $draw): array => [
            ['id' => 'servos', 'name' => 'Servos', 'kind' => 'servo', 'count' => 6, 'supply' => [4.8, 6], 'draw' => $draw, 'fed' => 'speed-controller'],
        ];

        self::assertStringStartsWith('fine Parts', $this->says($this->aircraft($servos($free / 6), demo: 'petrel'))[0]);
        self::assertStringStartsWith(
            'wrong Current: The regulator of Heron 45 gives 5000 mA, and Servos with what else hangs on it draw ',
            $this->says($this->aircraft($servos($free / 6 + 1), demo: 'petrel'))[0],
        );
    }

    /** @return iterable<string, array{string, bool}> */
    public static function withServos(): iterable
    {
        yield 'plane' => ['tern', true];
        yield 'sailplane' => ['petrel', true];
        yield 'wing behind a controller' => ['dunlin', true];
        yield 'helicopter, whose servos are on the stabiliser' => ['rook', true];
        yield 'multirotor' => ['nightjar', false];
        yield 'tiny multirotor' => ['midge', false];
    }

    #[DataProvider('withServos')]
    public function test_servos_that_nobody_has_said_are_not_checked_and_it_does_not_fit(string $demo, bool $has): void
    {
        $program = $this->aircraft([], demo: $demo);
        $told = 'not checked Current: The current of the servos is not checked: none is said to be on board.';

        self::assertSame($has ? [$told] : [], $this->says($program));
        $open = array_filter(
            (new KitVerdict($this->kit($program)))->points(),
            fn (VerdictPoint $one): bool => ! $one->level->isSettled(),
        );
        self::assertSame($has, $open !== []);
    }

    public function test_the_wiring_shows_who_powers_whom_and_each_port_once(): void
    {
        $program = $this->aircraft([
            ['id' => 'neun', 'name' => 'Neun Volt', 'kind' => 'regulator', 'fed' => 'pack', 'volts' => 9],
            ['id' => 'bild', 'name' => 'Bildsender', 'kind' => 'video', 'fed' => 'neun', 'port' => '4'],
            ['id' => 'licht', 'name' => 'Licht', 'kind' => 'lights', 'count' => 2, 'fed' => 'own'],
        ]);
        $leads = array_map(
            fn (Lead $one): string => "{$one->from} → {$one->to}: {$one->by}",
            (new Wiring($this->kit($program)))->leads(),
        );

        self::assertContains('Nightjar 4 cells 1300 → Neun Volt: + and −', $leads);
        self::assertContains('Neun Volt → Bildsender: + and −', $leads);
        self::assertContains('Bildsender → Keel F4: port 4: its TX to RX, its RX to TX', $leads);
        self::assertSame([], array_filter($leads, fn (string $one): bool => str_contains($one, 'Licht')));
        self::assertCount(count($leads), array_unique($leads));
    }

    public function test_a_gps_is_known_by_its_kind_whatever_it_is_called(): void
    {
        $bare = ['ports' => [['port' => '1', 'owner' => 'receiver']]];
        $with = $this->aircraft([['id' => 'ort', 'name' => 'Ortung', 'kind' => 'gps', 'port' => '2']], $bare);

        self::assertTrue($with->aboard->kit->has(PartKind::Gps));
        self::assertFalse($this->aircraft([], $bare)->aboard->kit->has(PartKind::Gps));
        $named = ['ports' => [['port' => '2', 'owner' => 'Mein GPS']]];
        self::assertTrue($this->aircraft([], $named)->aboard->kit->has(PartKind::Gps), 'as earlier documents say it');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'no such source' => [['fed' => 'sun'], 'aboard.kit.parts[0].fed: must be one of pack, speed-controller, controller'];
        yield 'itself' => [['kind' => 'regulator', 'fed' => 'teil'], 'aboard.kit.parts[0].fed: it can\'t power itself'];
        yield 'an id that is a source' => [['id' => 'pack'], 'aboard.kit.parts[0].id: "pack" is a way of powering'];
        yield 'seventeen of it' => [['count' => 17], 'aboard.kit.parts[0].count: must be from 1 to 16'];
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('bad')]
    public function test_what_cannot_be_is_told_where_it_is(array $more, string $says): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($says);
        $this->aircraft([['id' => 'teil', 'name' => 'Teil', 'kind' => 'other', ...$more]]);
    }

    public function test_parts_are_written_back(): void
    {
        $program = ProgramDecoder::decode(Everything::text());
        $again = ProgramDecoder::decode(ProgramEncoder::encode($program));

        self::assertEquals($program->aboard->kit, $again->aboard->kit);
        self::assertCount(4, $again->aboard->kit->parts);
        self::assertSame(['Platz 12', 12], [$again->aboard->kit->memory, $again->aboard->kit->match]);
    }
}
