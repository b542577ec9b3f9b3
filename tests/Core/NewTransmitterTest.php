<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\FirstProgram;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\TransmitterAnswersDecoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Format\TransmitterWriter;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\FrontPanel;
use DuskSwitch\Core\Kit\NewTransmitter;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Signal\Compiler;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A transmitter in five minutes: what one says of it makes a definition that can be kept and flown with. */
final class NewTransmitterTest extends TestCase
{
    /** @param  array<string, mixed>  $other */
    private function answered(array $other = [], ?Faults $faults = null): Transmitter
    {
        $answers = json_decode(
            (string) json_encode([
                'id' => 'werkbank-10',
                'name' => 'Werkbank 10',
                'channels' => 10,
                'span' => 400,
                'counts' => ['two' => 3, 'three' => 2, 'button' => 1, 'dial' => 2, 'slider' => 0],
                'mixesPositions' => true,
                'mixes' => 8,
                'curvePoints' => 5,
                'links' => [],
                ...$other,
            ]),
        );
        $known = Given::transmitter()->links;

        return NewTransmitter::of(
            TransmitterAnswersDecoder::read(new JsonCursor($answers, '', $faults ?? new Faults()), $known),
        );
    }

    private function kept(Transmitter $transmitter): Transmitter
    {
        return TransmitterDecoder::decode((string) json_encode(TransmitterWriter::write($transmitter)));
    }

    public function test_what_was_answered_is_in_the_definition(): void
    {
        $transmitter = $this->kept($this->answered(['links' => ['two-way-hopping']]));

        self::assertSame([10, 400.0, 8, 5], [
            $transmitter->channels,
            $transmitter->scale->span,
            $transmitter->keying->mixes,
            $transmitter->keying->curvePoints,
        ]);
        self::assertNotNull($transmitter->keying->positionMix);
        self::assertEquals(['two-way-hopping' => Given::transmitter()->links['two-way-hopping']], $transmitter->links);
        self::assertSame(
            [
                'Left shoulder 2', 'Right shoulder 2', 'Left front 2', 'Right front 3', 'Side 3', 'Left dial 0',
                'Right dial 0', 'Button 2',
            ],
            array_map(fn (Control $one): string => "{$one->name} ".count($one->detents), $transmitter->controls),
        );
    }

    /** @return iterable<string, array{array<string, int>}> */
    public static function fronts(): iterable
    {
        yield 'none' => [['two' => 0, 'three' => 0, 'button' => 0, 'dial' => 0, 'slider' => 0]];
        yield 'few' => [['two' => 1, 'three' => 0, 'button' => 1, 'dial' => 0, 'slider' => 0]];
        yield 'usual' => [['two' => 4, 'three' => 4, 'button' => 2, 'dial' => 2, 'slider' => 0]];
        yield 'many' => [['two' => 6, 'three' => 6, 'button' => 4, 'dial' => 2, 'slider' => 2]];
        yield 'as many as there is room for' => [['two' => 12, 'three' => 8, 'button' => 4, 'dial' => 4, 'slider' => 2]];
    }

    /** @param  array<string, int>  $counts */
    #[DataProvider('fronts')]
    public function test_controls_stand_apart_beside_the_sticks(array $counts): void
    {
        $transmitter = $this->kept($this->answered(['counts' => $counts]));

        FrontPanel::check($transmitter);
        self::assertCount(array_sum($counts), array_unique(array_column($transmitter->controls, 'id')));
    }

    public function test_a_link_of_ones_own_carries_all_its_channels(): void
    {
        $link = ['id' => 'eigenfunk', 'name' => 'Eigenfunk', 'telemetry' => true];
        $transmitter = $this->kept($this->answered(['link' => $link]));

        self::assertSame(
            ['Eigenfunk', true, 10],
            [
                $transmitter->links['eigenfunk']->name,
                $transmitter->links['eigenfunk']->telemetry,
                $transmitter->links['eigenfunk']->subtypes['plain']['channels'],
            ],
        );
    }

    /** @return iterable<string, array{Family}> */
    public static function families(): iterable
    {
        foreach (Family::cases() as $family) {
            yield $family->value => [$family];
        }
    }

    #[DataProvider('families')]
    public function test_every_family_gets_a_first_program_on_it(Family $family): void
    {
        $transmitter = $this->kept($this->answered());
        $program = FirstProgram::program($family, 'Neu', $transmitter);
        $frame = Given::frame(Compiler::compile($program, $transmitter));

        // 125 % of ±400 µs: the throttle stick at its low end sends 1000 µs (common practice).
        $motor = $program->motors()[0]->channel;
        self::assertSame($family === Family::GroundVehicle ? 1500 : 1000, $frame->pulse($motor));
    }

    /** @return iterable<string, array{string}> */
    public static function shipped(): iterable
    {
        foreach (['harbour-16', 'quayside-8', 'lamplight-12'] as $id) {
            yield $id => [$id];
        }
    }

    #[DataProvider('shipped')]
    public function test_a_definition_is_written_as_it_was_read(string $id): void
    {
        self::assertEquals(Given::transmitter($id), $this->kept(Given::transmitter($id)));
    }

    /** @return iterable<string, array{string, float, bool}> */
    public static function limits(): iterable
    {
        yield 'the narrowest span' => ['span', 100, true];
        yield 'a narrower one' => ['span', 99.9, false];
        yield 'the widest span' => ['span', 600, true];
        yield 'a wider one' => ['span', 600.1, false];
        yield 'as many mixes as one can count' => ['mixes', 200, true];
        yield 'one more' => ['mixes', 201, false];
        yield 'curves of 17 points' => ['curvePoints', 17, true];
        yield 'curves of 18' => ['curvePoints', 18, false];
        yield 'no curves' => ['curvePoints', 0, true];
    }

    #[DataProvider('limits')]
    public function test_a_number_is_taken_up_to_its_limit(string $key, float $number, bool $taken): void
    {
        $faults = new Faults();
        $this->answered([$key => $number], $faults);
        $told = '';
        try {
            $faults->refuseAny();
        } catch (Refused $refused) {
            $told = implode(', ', array_column($refused->faults, 'path'));
        }

        self::assertSame($taken ? '' : $key, $told);
    }

    public function test_of_each_control_there_may_be_so_many_and_not_one_more(): void
    {
        foreach (['two' => 12, 'three' => 12, 'button' => 8, 'dial' => 4, 'slider' => 4] as $kind => $most) {
            $none = ['two' => 0, 'three' => 0, 'button' => 0, 'dial' => 0, 'slider' => 0];
            foreach ([$most, $most + 1] as $count) {
                $faults = new Faults();
                $this->answered(['counts' => [$kind => $count] + $none], $faults);
                self::assertSame($count === $most, $faults->none(), "{$count} × {$kind}");
            }
        }
    }

    public function test_a_single_sensor_slot_is_written_down(): void
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/lamplight-12.json'));
        $document->sensorSlots = 1;
        unset($document->slotDefaults);
        self::assertSame(1, $this->kept(TransmitterDecoder::decode((string) json_encode($document)))->sensorSlots);
    }

    public function test_what_cannot_be_is_told_beside_its_question(): void
    {
        $faults = new Faults();
        $this->answered([
            'span' => 40,
            'links' => ['nobody-speaks-it'],
            'curvePoints' => 99,
            'counts' => ['two' => 12, 'three' => 12, 'button' => 8, 'dial' => 0, 'slider' => 0],
        ], $faults);

        try {
            $faults->refuseAny();
            self::fail('nothing was wrong');
        } catch (Refused $refused) {
            self::assertSame(['counts', 'links[0]', 'span', 'curvePoints'], array_column($refused->faults, 'path'));
        }
    }
}
