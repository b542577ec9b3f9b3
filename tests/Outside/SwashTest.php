<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\Core\Airframe\FirstProgram;
use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Airframe\RecipeSettings;
use DuskSwitch\Core\Airframe\RecipeWriter;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Tests\Core\Given;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The swash plate against its geometry and against published arithmetic of the same form.
 *
 * Three servos at 120° are three samples of a plane over a circle, and that is the inverse of the transform
 * that E. Clarke gave for three-phase quantities (Circuit Analysis of A-C Power Systems, vol. I, Wiley 1943;
 * amplitude-invariant form, from memory): a = α + 0, b = −α/2 + β·√3/2 + 0, c = −α/2 − β·√3/2 + 0. With
 * α = −pitch, β = roll and the zero component = collective the servos are a (front), b (rear left), c (rear right).
 */
final class SwashTest extends TestCase
{
    /** @param  array<string, mixed>  $settings */
    private static function swash(array $settings): Circuit
    {
        $recipe = Recipes::find('swash-helicopter') ?? self::fail();
        $transmitter = Given::transmitter();
        $settings = RecipeSettings::of(
            $recipe->settings(),
            $settings + ['cyclic' => 0.5, 'collective' => 0.5, 'ring' => 1.5],
        );
        $program = RecipeWriter::fit(
            $recipe,
            $settings,
            FirstProgram::program(Family::Helicopter, 'New', $transmitter),
            $transmitter,
        )->program;

        return Compiler::compile($program, $transmitter);
    }

    /**
     * The servos with the functions as the frame has them.
     *
     * @return array{list<float>, array<string, float>}
     */
    private static function servos(Circuit $circuit, float $roll, float $pitch, float $throttle): array
    {
        $frame = Given::frame($circuit, ['roll' => $roll, 'pitch' => $pitch, 'throttle' => $throttle]);
        $servos = [];
        foreach ($circuit->program->outputs as $output) {
            if (str_contains($output->name, 'swash')) {
                $servos[] = $frame->outputs()[$output->channel]->signal / $output->travel->high;
            }
        }

        return [$servos, $frame->functions()];
    }

    /** @return list<array{float, float, float}> */
    public static function sticks(): array
    {
        return [
            [0.0, 0.0, -1.0],
            [1.0, 0.0, 0.0],
            [0.0, 1.0, 0.0],
            [0.6, -0.7, 0.4],
            [-0.3, 0.2, 1.0],
            [0.5, 0.5, -0.5],
        ];
    }

    #[DataProvider('sticks')]
    public function test_three_servos_at_120_degrees_are_the_published_transform(
        float $roll,
        float $pitch,
        float $throttle,
    ): void {
        [$servos, $is] = self::servos(self::swash([]), $roll, $pitch, $throttle);
        [$alpha, $beta, $zero] = [-0.5 * $is['pitch'], 0.5 * $is['roll'], 0.5 * $is['collective']];

        self::assertEqualsWithDelta(
            [$zero + $alpha, $zero - $alpha / 2 + ($beta * sqrt(3)) / 2, $zero - $alpha / 2 - ($beta * sqrt(3)) / 2],
            $servos,
            1e-9,
        );
        // And back, as Clarke gives it: 0 = (a + b + c)/3, α = (2a − b − c)/3, β = (b − c)/√3.
        [$a, $b, $c] = $servos;
        self::assertEqualsWithDelta(
            [$zero, $alpha, $beta],
            [($a + $b + $c) / 3, (2 * $a - $b - $c) / 3, ($b - $c) / sqrt(3)],
            1e-9,
        );
    }

    public function test_the_balanced_three_phase_example(): void
    {
        // Textbook case of that transform: unit amplitude at 30° gives the phases cos 30°, cos −90°, cos 150°.
        $linear = fn (float $wanted): float => self::stickFor($wanted);
        [$servos] = self::servos(
            self::swash(['cyclic' => 1.0, 'collective' => 0.05, 'ring' => 1.4]),
            $linear(sin(deg2rad(30))),
            -$linear(cos(deg2rad(30))),
            0.0,
        );

        self::assertEqualsWithDelta([cos(deg2rad(30)), cos(deg2rad(-90)), cos(deg2rad(150))], $servos, 1e-6);
    }

    /** The stick that gives a value behind the recipe's expo of 0.3, by bisection. */
    private static function stickFor(float $wanted): float
    {
        [$low, $high] = [0.0, 1.0];
        for ($i = 0; $i < 60; $i++) {
            $x = ($low + $high) / 2;
            0.7 * $x + 0.3 * $x ** 3 < $wanted ? ($low = $x) : ($high = $x);
        }

        return $low;
    }

    #[DataProvider('sticks')]
    public function test_any_plate_is_a_plane_over_its_servos(float $roll, float $pitch, float $throttle): void
    {
        foreach (['120-degrees' => [0, 120, -120], '90-degrees' => [0, 90, -90]] as $plate => $angles) {
            [$servos, $is] = self::servos(self::swash(['swash' => $plate]), $roll, $pitch, $throttle);
            // The plane z = collective − pitch·x + roll·y over the unit circle, x ahead and y to the left.
            $plane = array_map(
                fn (int $at): float => 0.5 *
                    ($is['collective'] - $is['pitch'] * cos(deg2rad($at)) + $is['roll'] * sin(deg2rad($at))),
                $angles,
            );
            self::assertEqualsWithDelta($plane, $servos, 1e-9, $plate);
        }
    }

    public function test_the_ring_keeps_the_direction_and_shortens_the_way(): void
    {
        $circuit = self::swash(['ring' => 0.8]);
        [, $corner] = self::servos($circuit, 1.0, -1.0, 0.0);
        self::assertEqualsWithDelta(0.8, hypot($corner['roll'], $corner['pitch']), 1e-12);
        self::assertEqualsWithDelta(-1.0, $corner['pitch'] / $corner['roll'], 1e-12);

        [, $inside] = self::servos($circuit, 0.4, 0.3, 0.0);
        self::assertEqualsWithDelta(0.7 * 0.4 + 0.3 * 0.064, $inside['roll'], 1e-12, 'nothing changes inside');
        for ($angle = 0; $angle < 360; $angle += 15) {
            // Along the edge of the gimbal's square, its corners included.
            [$x, $y] = [cos(deg2rad($angle)), sin(deg2rad($angle))];
            $out = max(abs($x), abs($y));
            [$servos] = self::servos($circuit, $x / $out, $y / $out, 1.0);
            self::assertLessThanOrEqual(0.5 + 0.5 * 0.8 + 1e-12, max(array_map(abs(...), $servos)));
        }
    }
}
