<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Solve\TrimsHome;
use PHPUnit\Framework\TestCase;

/** Trims go into sub-trims; the pulses stay. */
final class TrimsHomeTest extends TestCase
{
    /** @param  array<string, float>  $trims */
    private static function moved(Circuit $circuit, array $trims): Program
    {
        $inputs = InputsDecoder::list(Json::decode((string) json_encode([['trims' => (object) $trims]])), $circuit->panel)[0];

        return TrimsHome::into($circuit, $inputs);
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
            $has = array_filter(['roll' => 0.4, 'pitch' => -0.6, 'yaw' => 0.2], fn (string $axis): bool => $circuit->program->function($axis)?->trim !== null, ARRAY_FILTER_USE_KEY);
            if ($has === []) {
                continue;
            }
            $home = Compiler::compile(self::moved($circuit, $has), $circuit->panel->transmitter);
            foreach ($circuit->program->outputs as $output) {
                self::assertSame(Given::frame($circuit, trims: $has)->pulse($output->channel), Given::frame($home)->pulse($output->channel), "{$demo}: {$output->name}");
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
        self::assertStringContainsString('only the throttle is trimmed, and its channel is never centred', self::told(Given::circuit(Given::demo('tern')), ['throttle' => 0.3]));
        self::assertStringContainsString('all trims are in the middle', self::told(Given::circuit(Given::demo('tern')), []));
    }

    public function test_a_stabiliser_forbids_it(): void
    {
        // Never any trim or sub-trim on a stabiliser's channels; the two fight each other (common practice).
        self::assertStringContainsString('the roll trim moves nothing here: a stabiliser flies it', self::told(Given::circuit(Given::demo('rook')), ['roll' => 0.1]));
        self::assertStringContainsString('the pitch and yaw trim moves nothing here: a controller flies it', self::told(Given::circuit(Given::demo('nightjar')), ['pitch' => 0.1, 'yaw' => 0.1]));
    }

    public function test_a_sub_trim_that_runs_out_is_told(): void
    {
        $circuit = Given::roll(['trim' => ['authority' => 0.5]], ['subtrim' => 0.8]);

        self::assertStringContainsString('Roll would need a sub-trim of 130 %', self::told($circuit, ['roll' => 1.0]));
    }
}
