<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Kit\SensorDecoder;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Format\TransmitterWriter;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Telemetry\SlotPlan;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Slots that a pilot sets by hand, those that a transmitter comes with, and sensors that can be set to a mode. */
final class SlotsByHandTest extends TestCase
{
    public function test_what_was_set_by_hand_stays_and_the_others_go_round_it(): void
    {
        $plan = self::plan([['rpm', 4, [], 8, true], ['gps', 8, [0, 8, 16], 8, false], ['pack', 3, [], null, false]]);

        self::assertSame(['rpm' => 8, 'gps' => 0, 'pack' => 12], self::slots($plan->planned()));
        self::assertSame(
            ['rpm' => 8, 'gps' => 16, 'pack' => 12],
            self::slots(
                self::plan([
                    ['rpm', 4, [], 8, true],
                    ['gps', 8, [8, 16], 8, false],
                    ['pack', 3, [], 12, true],
                ])->planned(),
            ),
        );
    }

    public function test_two_set_by_hand_on_one_slot_are_told_both(): void
    {
        $this->expectExceptionObject(
            Refused::because(
                'chain',
                'Gps and Pack were both set by hand, and both have slot 9: set one of them elsewhere, or let the solver place it',
            ),
        );
        self::plan([['gps', 8, [], 2, true], ['pack', 3, [], 9, true]])->planned();
    }

    public function test_defaults_are_blanked_only_where_nothing_else_fits(): void
    {
        $defaults = [[8, 4], [16, 8]];
        $fits = self::plan([['pack', 3, [], null, false]], $defaults)->planned();
        self::assertSame([['pack' => 0], []], [self::slots($fits), $fits->sense->blanked]);

        // Common practice: an eight-slot block at 16 wants the defaults there cleared, a current sensor lies behind it.
        $block = self::plan([['block', 8, [16], null, false], ['current', 3, [24], null, false]], $defaults)->planned();
        self::assertSame(
            [['block' => 16, 'current' => 24], [16]],
            [self::slots($block), $block->sense->blanked],
        );

        $byHand = self::plan([['pack', 3, [], 10, true]], $defaults)->planned();
        self::assertSame([['pack' => 10], [8]], [self::slots($byHand), $byHand->sense->blanked]);
    }

    public function test_what_lies_on_a_default_is_told_until_it_is_blanked(): void
    {
        $today = fn (array $blanked): array => self::plan([['pack', 3, [], 10, true]], [[8, 4]], $blanked)->today();
        $trouble = fn (array $blanked): ?string => $today($blanked)[0]['trouble'];

        self::assertSame('lies on default 8, which is there by default: blank slots 8 to 11', $trouble([]));
        self::assertNull($trouble([8]));
        self::assertSame(
            [['name' => 'default 8', 'from' => 8, 'to' => 11, 'blanked' => true]],
            self::plan([], [[8, 4]], [8])->byDefault(),
        );
    }

    public function test_plans_keep_what_is_set_by_hand_and_blank_and_move_as_few_as_brute_force(): void
    {
        $random = new Randomizer(new Mt19937(115));
        $planned = 0;
        for ($try = 0; $try < 120; $try++) {
            $sensors = [];
            foreach (array_slice(['one', 'two', 'three'], 0, $random->getInt(1, 3)) as $id) {
                $slot = $random->getInt(0, 2) === 0 ? null : $random->getInt(0, 7);
                $sensors[] = [
                    $id,
                    $random->getInt(1, 4),
                    $random->getInt(0, 1) === 0 ? [] : [$random->getInt(0, 4), $random->getInt(5, 7)],
                    $slot,
                    $slot !== null && $random->getInt(0, 2) === 0,
                ];
            }
            $defaults = [[$random->getInt(0, 3), 2], [$random->getInt(5, 7), 3]];
            $best = self::bruteForce($sensors, $defaults);
            try {
                $plan = self::plan($sensors, $defaults, [], 10)->planned();
            } catch (Refused) {
                self::assertNull($best, (string) json_encode([$sensors, $defaults]));

                continue;
            }
            $planned++;
            $moves = 0;
            foreach ($sensors as [$id, , , $slot, $byHand]) {
                $moves += $slot !== null && self::slots($plan)[$id] !== $slot ? 1 : 0;
                self::assertTrue(! $byHand || self::slots($plan)[$id] === $slot);
            }
            $found = [count($plan->sense->blanked), $moves];
            self::assertSame($best, $found, (string) json_encode([$sensors, $defaults]));
        }
        self::assertGreaterThan(60, $planned);
    }

    public function test_a_sensor_sends_what_its_mode_sends(): void
    {
        $gps = Given::catalogue()->sensor('curlew-gps') ?? self::fail('no GPS');
        $rates = fn (?string $mode): array => array_column($gps->in($mode)->quantities, 'rate', 'id');

        self::assertSame(['satellites' => 1.0, 'speed' => 10.0], $rates('speed'));
        self::assertSame($rates('all'), $rates(null), 'the first where nothing is said');
        self::assertSame($rates('all'), $rates('gone'));
        self::assertSame(6, count($rates('all')));
    }

    public function test_slots_by_hand_modes_and_defaults_are_kept_by_the_formats(): void
    {
        $document = json_decode(Given::demo('rook'));
        $document->sense->chain = [
            (object) ['id' => 'gps', 'sensor' => 'curlew-gps', 'slot' => 6, 'byHand' => true, 'mode' => 'speed'],
        ];
        $document->sense->blanked = [2, 10];
        $again = json_decode(ProgramEncoder::encode(ProgramDecoder::read($document)))->sense;

        self::assertEquals($document->sense->chain[0], $again->chain[0]);
        self::assertSame([2, 10], $again->blanked);
        $lamplight = Given::transmitter('lamplight-12');
        self::assertEquals(
            $lamplight,
            TransmitterDecoder::decode((string) json_encode(TransmitterWriter::write($lamplight))),
        );
        self::assertCount(1, $lamplight->slotDefaults);
    }

    public function test_a_mode_must_send_something_that_the_sensor_has(): void
    {
        $definition = json_decode((string) file_get_contents(Given::DEMO.'/stores/sensors/curlew-gps.json'));
        $definition->modes[0]->rates = (object) ['hight' => 1];
        $faults = new Faults();
        SensorDecoder::read(new JsonCursor($definition, '', $faults));

        $this->expectExceptionMessageMatches(
            '~modes.0..rates.hight: is the rate of a value that the sensor doesn.t have.*modes.0..rates: must say of at least~s',
        );
        $faults->refuseAny();
    }

    /**
     * @param  list<array{string, int, list<int>, int|null, bool}>  $sensors  id, block, starts, slot, by hand
     * @param  list<array{int, int}>  $defaults  from, count
     * @param  list<int>  $blanked
     */
    private static function plan(array $sensors, array $defaults = [], array $blanked = [], int $slots = 32): SlotPlan
    {
        $document = json_decode(Given::demo('rook'));
        $document->sense = (object) ['chain' => [], 'blanked' => $blanked];
        $made = [];
        foreach ($sensors as [$id, $block, $starts, $slot, $byHand]) {
            $document->sense->chain[] = (object) [
                'id' => $id,
                'sensor' => $id,
                ...$slot === null ? [] : ['slot' => $slot, 'byHand' => $byHand],
            ];
            $made[$id] = self::sensor($id, $block, $starts);
        }
        $definition = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/lamplight-12.json'));
        $definition->sensorSlots = $slots;
        $definition->slotDefaults = array_map(
            fn (array $one): array => ['what' => "default {$one[0]}", 'from' => $one[0], 'count' => $one[1]],
            $defaults,
        );

        return new SlotPlan(
            ProgramDecoder::read($document),
            TransmitterDecoder::decode((string) json_encode($definition)),
            $made,
        );
    }

    /** @param  list<int>  $starts */
    private static function sensor(string $id, int $block, array $starts): Sensor
    {
        $definition = json_decode((string) file_get_contents(Given::DEMO.'/stores/sensors/teal-current.json'));
        [$definition->id, $definition->name, $definition->block] = [$id, ucfirst($id), $block];
        $definition->starts = $starts;

        return SensorDecoder::read(new JsonCursor($definition, '', new Faults()));
    }

    /** @return array<string, int|null> */
    private static function slots(Program $program): array
    {
        return array_column(
            array_map(fn (InstalledSensor $one): array => [$one->id, $one->slot], $program->sense->chain),
            1,
            0,
        );
    }

    /**
     * @param  list<array{string, int, list<int>, int|null, bool}>  $sensors
     * @param  list<array{int, int}>  $defaults
     * @return array{int, int}|null the fewest blanked, and then the fewest moved; of ten slots
     */
    private static function bruteForce(array $sensors, array $defaults): ?array
    {
        $best = null;
        $try = function (int $at, array $taken, int $moves) use (&$try, &$best, $sensors, $defaults): void {
            if ($at < count($sensors)) {
                [, $block, $starts, $slot, $byHand] = $sensors[$at];
                for ($from = 0; $from + $block <= 10; $from++) {
                    $run = range($from, $from + $block - 1);
                    $may = $byHand ? $from === $slot : $starts === [] || in_array($from, $starts, true);
                    if ($may && array_intersect($run, $taken) === []) {
                        $try($at + 1, [...$taken, ...$run], $moves + ($slot !== null && $slot !== $from ? 1 : 0));
                    }
                }

                return;
            }
            $blanked = count(
                array_filter(
                    $defaults,
                    fn (array $one): bool => array_intersect(range($one[0], $one[0] + $one[1] - 1), $taken) !== [],
                ),
            );
            $best = $best === null ? [$blanked, $moves] : min($best, [$blanked, $moves]);
        };
        $try(0, [], 0);

        return $best;
    }
}
