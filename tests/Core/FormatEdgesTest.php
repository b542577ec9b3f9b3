<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Bench\BenchSteps;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Fingerprint;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProofEncoder;
use DuskSwitch\Core\Format\Spelling;
use DuskSwitch\Core\Format\TelemetryDecoder;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Link\InstalledKit;
use PHPUnit\Framework\TestCase;
use stdClass;

/** The last value that is taken and the first that isn't, where only an edge shows the difference. */
final class FormatEdgesTest extends TestCase
{
    public function test_a_sensor_answers_to_28_addresses_and_not_to_a_29th(): void
    {
        $sense = fn (int $address): string => Given::text([
            'sense' => ['chain' => [['id' => 'v', 'sensor' => 'skylark-vario', 'address' => $address]]],
        ]);
        self::assertSame(28, ProgramDecoder::decode($sense(28))->sense->chain[0]->address);
        $this->expectException(Refused::class);
        ProgramDecoder::decode($sense(29));
    }

    public function test_a_hundred_thousand_sets_of_telemetry_are_read_and_no_more(): void
    {
        self::assertCount(100_000, TelemetryDecoder::list(array_fill(0, 100_000, new stdClass()), []));
        $this->expectException(Refused::class);
        TelemetryDecoder::list(array_fill(0, 100_001, new stdClass()), []);
    }

    public function test_a_range_without_a_channel_is_told(): void
    {
        $faults = new Faults();
        $range = new JsonCursor((object) ['from' => 900, 'to' => 1200], 'ranges[0]', $faults);
        Spelling::with(Slot::class, $range, ['mode' => 'armed']);
        try {
            $faults->refuseAny();
            self::fail('it was taken');
        } catch (Refused $refused) {
            self::assertSame(['ranges[0].channel: this is missing'], array_map(strval(...), $refused->faults));
        }
    }

    /** @param  callable(stdClass): mixed  $change */
    private static function told(callable $change): string
    {
        $document = json_decode(Given::demo('nightjar'));
        $change($document);
        try {
            ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));

            return '';
        } catch (Refused $refused) {
            return implode(', ', array_column($refused->faults, 'path'));
        }
    }

    public function test_a_reading_and_a_throw_rise_and_never_stand_still(): void
    {
        $reading = fn (array $sent): string => self::told(fn (stdClass $d) => $d->aboard->readings = [
            (object) ['channel' => 1, 'sent' => $sent, 'read' => [1000, 1500, 2000]],
        ]);
        $throw = fn (array $sent): string => self::told(fn (stdClass $d) => $d->aboard->throws = [
            (object) ['channel' => 1, 'unit' => 'mm', 'sent' => $sent, 'moved' => [-10, 0, 10]],
        ]);
        foreach (['readings' => $reading, 'throws' => $throw] as $key => $told) {
            self::assertSame('', $told([1000, 1500, 2000]), $key);
            self::assertSame("aboard.{$key}[0].sent", $told([1500, 1500, 2000]), $key);
            self::assertSame("aboard.{$key}[0].sent", $told([1000, 2000, 2000]), $key);
        }
    }

    public function test_a_switch_has_at_most_five_steps_on_its_detents(): void
    {
        $map = fn (int $count): string => self::told(function (stdClass $d) use ($count): void {
            $stepped = array_values(array_filter($d->functions, fn ($one): bool => isset($one->drive->map)))[0];
            $step = $stepped->steps[0]->id ?? 'off';
            $stepped->drive->map = (object) array_fill_keys(
                array_map(fn (int $place): string => "place-{$place}", range(1, $count)),
                $step,
            );
        });
        self::assertStringEndsNotWith('drive.map', $map(5));
        self::assertStringEndsWith('drive.map', explode(', ', $map(6))[0]);
    }

    public function test_what_is_missing_to_a_mode_is_told_in_tenths_of_a_microsecond(): void
    {
        $document = json_decode(Given::demo('nightjar'));
        foreach ($document->outputs as $output) {
            $output->travel = str_contains($output->role ?? '', 'mode') ? 0.1111 : $output->travel ?? 1.0;
        }
        $program = ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $missing = array_merge(
            ...array_map(
                fn (array $one): array => array_column($one['answers'], 'missing'),
                (new ProofEncoder(Given::context($program)))->slots(),
            ),
        );
        self::assertContains(314.7, $missing);
    }

    public function test_the_print_of_a_step_that_hangs_on_one_thing_is_of_that_thing(): void
    {
        $program = ProgramDecoder::decode(Given::demo('nightjar'));
        $kit = InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue());
        $board = BenchSteps::by('board') ?? self::fail();

        self::assertSame('47ce9256dccbc01b60994b23', (new Fingerprint($kit))->step($board));
    }
}
