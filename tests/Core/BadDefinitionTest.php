<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Fault\Fault;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Kit\FrontPanel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A definition, or what is aboard, that can't be: told with its path and the way to mend it. */
final class BadDefinitionTest extends TestCase
{
    /** @return array<string, array{DefinitionKind, string, callable(\stdClass): mixed, string, string}> */
    public static function definitions(): array
    {
        $r8 = [DefinitionKind::Receivers, 'receivers/lantern-r8'];
        $keel = [DefinitionKind::Controllers, 'controllers/keel-f4'];
        $pack = [DefinitionKind::Packs, 'packs/petrel-3s'];
        $gps = [DefinitionKind::Sensors, 'sensors/bittern-gps'];
        $circuit = [DefinitionKind::Scenarios, 'scenarios/circuit'];
        $thermal = [DefinitionKind::Scenarios, 'scenarios/thermal'];
        $heron = [DefinitionKind::SpeedControllers, 'speed-controllers/heron-45'];

        return [
            'a receiver of no channels' => [
                ...$r8,
                fn ($d) => ($d->channels = 0),
                'channels',
                'must be from 1 to 32, not 0',
            ],
            'a wire that there isn\'t' => [
                ...$r8,
                fn ($d) => ($d->wires = ['light']),
                'wires[0]',
                'must be one of leads, sum, serial',
            ],
            'no wire at all' => [...$r8, fn ($d) => ($d->wires = []), 'wires', 'there must be at least 1 here'],
            'a way of binding that there isn\'t' => [
                ...$r8,
                fn ($d) => ($d->binding = 'shouting'),
                'binding',
                'must be one of button, menu, command, automatic, display',
            ],
            'a supply the wrong way round' => [
                ...$r8,
                fn ($d) => ($d->supply = [10.0, 4.5]),
                'supply',
                'goes from 10 down to 4.5 V; the lower one comes first',
            ],
            'a supply in words' => [...$r8, fn ($d) => ($d->supply = 'five volts'), 'supply', 'five volts'],
            'a key that says nothing' => [...$r8, fn ($d) => ($d->colour = 'red'), 'colour', 'unknown'],
            'half a generation' => [
                ...$r8,
                fn ($d) => ($d->generation = 2.5),
                'generation',
                'must be a whole number, not 2.5',
            ],
            'an id with capitals' => [
                ...$r8,
                fn ($d) => ($d->id = 'Lantern R8'),
                'id',
                'an id has small letters, digits and hyphens',
            ],
            'another format' => [...$r8, fn ($d) => ($d->format = 'dusk-switch/pack'), 'format', 'dusk-switch/receiver'],
            'a later version' => [...$r8, fn ($d) => ($d->version = 2), 'version', ''],
            'a slot of a mode that there isn\'t' => [
                ...$keel,
                fn ($d) => ($d->slots[0]->mode = 'acro'),
                'slots[0].mode',
                'there is no mode "acro" in this definition',
            ],
            'a slot that ends before it begins' => [
                ...$keel,
                fn ($d) => ($d->slots[1]->to = 1200),
                'slots[1].to',
                'must be above the lower edge, 1300 µs',
            ],
            'a slot beyond any pulse' => [
                ...$keel,
                fn ($d) => ($d->slots[2]->to = 2600),
                'slots[2].to',
                'must be from 800 to 2200, not 2600',
            ],
            'arming on channel 40' => [
                ...$keel,
                fn ($d) => ($d->arming->channel = 40),
                'arming.channel',
                'must be from 1 to 32, not 40',
            ],
            'a motor without a direction' => [
                ...$keel,
                function ($d): void {
                    unset($d->motors[3]->clockwise);
                },
                'motors[3].clockwise',
                'missing',
            ],
            'a flight controller of another kind' => [
                ...$keel,
                fn ($d) => ($d->kind = 'autopilot'),
                'kind',
                'must be one of',
            ],
            'a pack of too many cells' => [
                ...$pack,
                fn ($d) => ($d->cells = 15),
                'cells',
                'must be from 1 to 14, not 15',
            ],
            'a pack without a plug' => [...$pack, fn ($d) => ($d->plug = ''), 'plug', 'must not be empty'],
            'a pack of no capacity' => [...$pack, fn ($d) => ($d->capacity = 0), 'capacity', 'must be from 1'],
            'a speed controller in words' => [
                ...$heron,
                fn ($d) => ($d->amperes = 'many'),
                'amperes',
                'must be a number, not "many"',
            ],
            'a sensor of an impossible range' => [
                ...$gps,
                fn ($d) => ($d->quantities[0]->range = [40, 40]),
                'quantities[0].range',
                'goes from 40 to 40: nothing fits in between',
            ],
            'a sensor upside down' => [
                ...$gps,
                fn ($d) => ($d->quantities[3]->range = [900, -500]),
                'quantities[3].range',
                'the lower one comes first',
            ],
            'a step larger than the range' => [
                ...$gps,
                fn ($d) => ($d->quantities[0]->resolution = 90),
                'quantities[0].resolution',
                'it could send one value only',
            ],
            'a unit that there isn\'t' => [
                ...$gps,
                fn ($d) => ($d->quantities[4]->unit = 'furlong'),
                'quantities[4].unit',
                'must be one of V, A, mAh',
            ],
            'a sensor that sends nothing' => [
                ...$gps,
                fn ($d) => ($d->quantities = []),
                'quantities',
                'there must be at least 1 here',
            ],
            'a value twice' => [
                ...$gps,
                fn ($d) => ($d->quantities[1]->id = 'satellites'),
                'quantities[1].id',
                'there is already a value "satellites"',
            ],
            'an address beyond the bus' => [
                ...$gps,
                fn ($d) => ($d->address = 29),
                'address',
                'must be from 1 to 28, not 29',
            ],
            'a script that flies underground' => [
                ...$circuit,
                fn ($d) => ($d->legs[16]->climb = -8),
                'legs[16]',
                'goes 40 m below the ground: a plane begins it at 40 m, sinks 8 m/s and meets the ground after 5 s '.
                    'of 10. Let it land with "until": 0, let it level off with "until", end it before, or climb '.
                    'higher before',
            ],
            'a glide into the ground' => [
                ...$thermal,
                fn ($d) => ($d->legs[4]->lift = -4),
                'legs[4]',
                'm below the ground: a sailplane begins it at',
            ],
            'a script that stays on the ground' => [
                ...$circuit,
                fn ($d) => ($d->legs = [(object) ['says' => 'Sit', 'seconds' => 9]]),
                'legs',
                'never leave the ground: give one of them a "climb"',
            ],
            'a vehicle that climbs' => [
                DefinitionKind::Scenarios,
                'scenarios/laps',
                fn ($d) => ($d->legs[3]->climb = 2),
                'legs[3]',
                'a ground vehicle can\'t climb',
            ],
            'a vehicle that never moves' => [
                DefinitionKind::Scenarios,
                'scenarios/laps',
                fn ($d) => array_walk($d->legs, fn ($leg) => ($leg->speed = 0)),
                'legs',
                'never move: give one of them a "speed"',
            ],
            'a flight of two hours' => [
                ...$circuit,
                fn ($d) => array_push($d->legs, (object) ['says' => 'On', 'seconds' => 3600]),
                'legs',
                's in all; at most 3600 s can be rehearsed',
            ],
            'a leg below the ground' => [
                ...$circuit,
                fn ($d) => ($d->legs[2]->until = -5),
                'legs[2].until',
                'must be from 0 to 2000, not -5',
            ],
            'a leg of no time' => [
                ...$circuit,
                fn ($d) => ($d->legs[2]->seconds = 0),
                'legs[2].seconds',
                'must be from 0.2',
            ],
            'steered two ways at once' => [
                ...$circuit,
                fn ($d) => ([$d->legs[4]->turn, $d->legs[4]->towards] = [10, 'home']),
                'legs[4].towards',
                'take one of the two away',
            ],
            'steered to nowhere' => [
                ...$circuit,
                fn ($d) => ($d->legs[4]->towards = 'there'),
                'legs[4].towards',
                'must be one of home, out, not "there"',
            ],
            'a switch told nothing' => [
                ...$circuit,
                fn ($d) => ($d->legs[1]->does = [(object) ['function' => 'arm']]),
                'legs[1].does[0]',
                'needs either a "step"',
            ],
            'a switch told twice' => [
                ...$circuit,
                fn ($d) => ($d->legs[1]->does[1]->function = 'arm'),
                'legs[1].does[1].function',
                'there is already something that it does with "arm"',
            ],
            'a family that there isn\'t' => [
                ...$circuit,
                fn ($d) => ($d->families = ['kite']),
                'families[0]',
                'must be one of multirotor',
            ],
            'a height that is geared' => [
                ...$gps,
                fn ($d) => ($d->quantities[3]->divided = true),
                'quantities[3].divided',
                'are applied to a rotation only, in rpm',
            ],
            'a regulator that takes' => [...$heron, fn ($d) => ($d->gives = -1), 'gives', 'must be from 0'],
        ];
    }

    /** @param  callable(\stdClass): mixed  $spoil */
    #[DataProvider('definitions')]
    public function test_a_spoilt_definition_is_told(
        DefinitionKind $kind,
        string $file,
        callable $spoil,
        string $path,
        string $says,
    ): void {
        $document = json_decode((string) file_get_contents(Given::DEMO."/stores/{$file}.json"));
        $spoil($document);
        $this->told(fn () => $kind->decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION)), $path, $says);
    }

    public function test_a_control_that_lies_on_a_stick_or_on_another_control_is_told(): void
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/harbour-16.json'));
        $document->controls[0]->place = [40, 60];
        $document->controls[2]->place = $document->controls[1]->place;
        [$first, $second] = [$document->controls[1]->name, $document->controls[2]->name];
        $check = fn () => FrontPanel::check(TransmitterDecoder::decode((string) json_encode($document)));

        $this->told($check, 'controls[0].place', 'lies on the left stick; move it 10 % of the width or more beside it');
        $this->told($check, 'controls[2].place', "{$second} lies on {$first}; keep 5 % of the width");
    }

    public function test_what_ships_has_room_for_everything(): void
    {
        foreach (['harbour-16', 'quayside-8', 'lamplight-12'] as $id) {
            FrontPanel::check(Given::transmitter($id));
            $this->addToAssertionCount(1);
        }
    }

    /** @return array<string, array{callable(\stdClass): mixed, string, string}> */
    public static function aboard(): array
    {
        return [
            'a failsafe that is no word' => [
                fn ($a) => ($a->failsafe[0]->does = 'glide'),
                'aboard.failsafe[0].does',
                'must be a pulse in µs, "hold" or "off"',
            ],
            'a failsafe beyond any pulse' => [
                fn ($a) => ($a->failsafe[0]->does = 3000),
                'aboard.failsafe[0].does',
                'must be from 800 to 2200, not 3000',
            ],
            'two failsafes for a channel' => [
                fn ($a) => ($a->failsafe[1]->channel = 1),
                'aboard.failsafe[1].channel',
                'already a failsafe for channel "1"',
            ],
            'a wire that there isn\'t' => [
                fn ($a) => ($a->kit->wire = 'light'),
                'aboard.kit.wire',
                'must be one of leads, sum, serial',
            ],
            'power from nowhere' => [
                fn ($a) => ($a->kit->power = 'sun'),
                'aboard.kit.power',
                'must be one of controller, pack, usb',
            ],
            'an unknown part' => [fn ($a) => ($a->kit->parachute = 'big'), 'aboard.kit.parachute', 'unknown'],
            'a finding accepted without a reason' => [
                fn ($a) => ($a->accepted = [['finding' => 'nothing-clips output:1', 'reason' => '']]),
                'aboard.accepted[0].reason',
                'must not be empty',
            ],
            'a range upside down' => [
                fn ($a) => ($a->controller = [
                    'modes' => [['mode' => 'free', 'channel' => 6, 'from' => 1700, 'to' => 1700]],
                ]),
                'aboard.controller.modes[0].to',
                'must be above the lower edge',
            ],
            'armed by a range that isn\'t said' => [
                fn ($a) => ($a->controller = ['arming' => ['by' => 'range']]),
                'aboard.controller.arming',
                'say in which ranges it arms',
            ],
            'armed by the sticks, and by a range' => [
                fn ($a) => ($a->controller = [
                    'arming' => ['by' => 'sticks', 'ranges' => [['channel' => 5, 'from' => 1700, 'to' => 2100]]],
                ]),
                'aboard.controller.arming.ranges',
                'only where it is armed by "range"',
            ],
            'an order of something else' => [
                fn ($a) => ($a->controller = ['order' => ['roll', 'smoke']]),
                'aboard.controller.order[1]',
                'must be one of roll, pitch',
            ],
            'lost, and then nobody knows' => [
                fn ($a) => ($a->controller = ['onLoss' => ['does' => 'hover']]),
                'aboard.controller.onLoss.does',
                'must be one of drop, land',
            ],
            'a reading whose pulses fall' => [
                fn ($a) => ($a->readings = [
                    ['channel' => 3, 'sent' => [2000, 1500, 1000], 'read' => [1000, 1500, 2000]],
                ]),
                'aboard.readings[0].sent',
                'must rise',
            ],
            'a reading of two pulses' => [
                fn ($a) => ($a->readings = [['channel' => 3, 'sent' => [1000, 1500], 'read' => [1000, 1500, 2000]]]),
                'aboard.readings[0].sent',
                'at least 3',
            ],
            'a check of something nameless' => [
                fn ($a) => ($a->startCheck = ['']),
                'aboard.startCheck[0]',
                'an id has small letters',
            ],
        ];
    }

    /** @param  callable(\stdClass): mixed  $spoil */
    #[DataProvider('aboard')]
    public function test_what_cannot_be_aboard_is_told(callable $spoil, string $path, string $says): void
    {
        $document = json_decode(Given::demo('petrel'));
        $spoil($document->aboard);
        $this->told(
            fn () => ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION)),
            $path,
            $says,
        );
    }

    public function test_all_faults_are_told_together(): void
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/receivers/lantern-r8.json'));
        [$document->channels, $document->draw, $document->binding] = [99, -1, 'none'];
        try {
            DefinitionKind::Receivers->decode((string) json_encode($document));
            self::fail('It was taken');
        } catch (Refused $refused) {
            self::assertSame(
                ['channels', 'draw', 'binding'],
                array_map(fn (Fault $one): string => $one->path, $refused->faults),
            );
        }
    }

    public function test_what_is_aboard_comes_back_as_it_went(): void
    {
        $document = json_decode(Given::demo('petrel'));
        $document->aboard->failsafe[0]->does = 'hold';
        $document->aboard->failsafe[1]->does = 'off';
        $document->aboard->accepted = [
            (object) ['finding' => 'nothing-clips output:1', 'reason' => 'flaps only with brakes out'],
        ];
        $document->aboard->controller = (object) [
            'modes' => [(object) ['mode' => 'free', 'channel' => 6, 'from' => 1700, 'to' => 2100]],
            'none' => 'level',
            'priority' => ['home', 'level'],
            'arming' => (object) [
                'by' => 'range',
                'ranges' => [
                    (object) ['channel' => 5, 'from' => 1800, 'to' => 2100],
                    (object) ['channel' => 8, 'from' => 900, 'to' => 1100],
                ],
            ],
            'low' => 1080,
            'order' => ['throttle', 'roll', 'none', 'mode'],
            'expects' => 'surfaces',
            'onLoss' => (object) ['does' => 'come-home', 'channels' => [5, 6]],
        ];
        $document->aboard->readings = [
            (object) ['channel' => 3, 'sent' => [988.0, 1500.0, 2012.0], 'read' => [1003.5, 1502.0, 1990.0]],
        ];
        $again = json_decode(
            ProgramEncoder::encode(
                ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION)),
            ),
        );

        self::assertEquals($document->aboard, $again->aboard);
    }

    private function told(callable $read, string $path, string $says): void
    {
        try {
            $read();
            self::fail("Taken, though {$path} {$says}");
        } catch (Refused $refused) {
            self::assertContains(
                $path,
                array_map(fn (Fault $one): string => $one->path, $refused->faults),
                $refused->getMessage(),
            );
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }
}
