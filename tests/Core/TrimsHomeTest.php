<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Solve\TrimsToSubTrims;
use PHPUnit\Framework\TestCase;

/** Trims go into sub-trims; the pulses stay. */
final class TrimsHomeTest extends TestCase
{
    /** @param  array<string, float>  $trims */
    private static function moved(Circuit $circuit, array $trims): Program
    {
        $inputs = InputsDecoder::list(
            Json::decode((string) json_encode([['trims' => (object) $trims]])),
            $circuit->panel,
        )[0];

        return TrimsToSubTrims::into($circuit, $inputs);
    }

    /** @param  array<string, float>  $trims */
    private static function told(Circuit $circuit, array $trims): string
    {
        try {
            self::moved($circuit, $trims);
        } catch (Refused $refused) {
            return $refused->getMessage();
        }
        self::fail('It was taken');
    }

    public function test_with_the_trims_in_the_middle_every_surface_stands_where_it_stood(): void
    {
        foreach (['petrel', 'tern', 'dunlin'] as $demo) {
            $circuit = Given::circuit(Given::demo($demo));
            $has = array_filter(
                ['roll' => 0.4, 'pitch' => -0.6, 'yaw' => 0.2],
                fn (string $axis): bool => $circuit->program->function($axis)?->trim !== null,
                ARRAY_FILTER_USE_KEY,
            );
            if ($has === []) {
                continue;
            }
            $home = Compiler::compile(self::moved($circuit, $has), $circuit->panel->transmitter);
            foreach ($circuit->program->outputs as $output) {
                self::assertSame(
                    Given::frame($circuit, trims: $has)->pulse($output->channel),
                    Given::frame($home)->pulse($output->channel),
                    "{$demo}: {$output->name}",
                );
            }
        }
    }

    public function test_it_adds_to_a_sub_trim_that_is_there(): void
    {
        $circuit = Given::roll(['trim' => ['authority' => 0.2]], ['subtrim' => 0.02, 'reverse' => true]);

        self::assertSame(-0.08, self::moved($circuit, ['roll' => 0.5])->output(1)?->subtrim);
    }

    public function test_the_throttles_trim_stays(): void
    {
        self::assertStringContainsString(
            'only the throttle is trimmed, and its channel is never centred',
            self::told(Given::circuit(Given::demo('tern')), ['throttle' => 0.3]),
        );
        self::assertStringContainsString(
            'all trims are in the middle',
            self::told(Given::circuit(Given::demo('tern')), []),
        );
    }

    public function test_trims_of_phases_go_where_all_are_the_same_and_are_told_where_they_are_not(): void
    {
        $circuit = Given::program([
            'version' => 2,
            'family' => 'plane',
            'phases' => [
                ['id' => 'eins', 'name' => 'Eins'],
                ['id' => 'zwei', 'name' => 'Zwei', 'when' => ['control' => 'left-front', 'at' => 'away']],
            ],
            'functions' => [
                [
                    'id' => 'h',
                    'name' => 'Höhe',
                    'purpose' => 'pitch',
                    'drive' => ['axis' => 'pitch'],
                    'trim' => ['authority' => 0.3, 'perPhase' => true],
                ],
            ],
            'outputs' => [['channel' => 2, 'name' => 'Höhe', 'feeds' => [['from' => 'h', 'weight' => 0.7]]]],
        ]);
        $moved = fn (mixed $trim): Program => TrimsToSubTrims::into(
            $circuit,
            InputsDecoder::list(
                Json::decode((string) json_encode([['trims' => ['pitch' => $trim]]])),
                $circuit->panel,
            )[0],
        );

        self::assertEqualsWithDelta(0.5 * 0.3 * 0.7, $moved(0.5)->output(2)?->subtrim, 1e-9);
        self::assertEqualsWithDelta(0.5 * 0.3 * 0.7, $moved(['eins' => 0.5, 'zwei' => 0.5])->output(2)?->subtrim, 1e-9);
        self::assertSame(round((1 / 3) * 0.21, 9), $moved(1 / 3)->output(2)?->subtrim, 'nine digits');
        $this->expectExceptionMessage(
            'each phase has a pitch trim of its own, and a sub-trim is the same in all of them',
        );
        $moved(['eins' => 0.5, 'zwei' => 0.25]);
    }

    public function test_a_stabiliser_forbids_it(): void
    {
        // Never any trim or sub-trim on a stabiliser's channels; the two fight each other (common practice).
        self::assertStringContainsString(
            'the roll trim moves nothing here: a stabiliser flies it',
            self::told(Given::circuit(Given::demo('rook')), ['roll' => 0.1]),
        );
        self::assertStringContainsString(
            'the pitch and yaw trim moves nothing here: a controller flies it',
            self::told(Given::circuit(Given::demo('nightjar')), ['pitch' => 0.1, 'yaw' => 0.1]),
        );
    }

    public function test_a_sub_trim_that_runs_out_is_told(): void
    {
        $circuit = Given::roll(['trim' => ['authority' => 0.5]], ['subtrim' => 0.8]);

        self::assertStringContainsString('Roll would need a sub-trim of 130 %', self::told($circuit, ['roll' => 1.0]));
    }
}
