<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\CurveEdit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What one does with a curve as a whole. */
final class CurveEditTest extends TestCase
{
    public function test_mirrored_twice_or_turned_twice_it_is_as_before(): void
    {
        $curve = new Curve(id: 'c', points: [[-1.0, -0.8], [-0.2, 0.1], [1.0, 0.9]], smooth: true);

        self::assertSame([[-1.0, -0.9], [0.2, -0.1], [1.0, 0.8]], CurveEdit::mirrored($curve)->points);
        self::assertSame([[-1.0, 0.8], [-0.2, -0.1], [1.0, -0.9]], CurveEdit::turned($curve)->points);
        self::assertEquals($curve, CurveEdit::mirrored(CurveEdit::mirrored($curve)));
        self::assertEquals($curve, CurveEdit::turned(CurveEdit::turned($curve)));
    }

    public function test_a_point_more_stands_in_the_widest_gap_and_leaves_a_straight_line_as_it_is(): void
    {
        $more = CurveEdit::withPoint(new Curve(id: 'c', points: [[-1.0, -1.0], [0.5, 0.2], [1.0, 1.0]]));

        self::assertSame([[-1.0, -1.0], [-0.25, -0.4], [0.5, 0.2], [1.0, 1.0]], $more->points);
    }

    /** @return array<string, array{list<array{float, float}>}> */
    public static function presets(): array
    {
        return array_map(fn (array $points): array => [$points], CurveEdit::presets());
    }

    /** @param  list<array{float, float}>  $points */
    #[DataProvider('presets')]
    public function test_a_curve_to_begin_with_is_a_curve(array $points): void
    {
        $circuit = Given::roll(
            ['shape' => ['main' => ['curve' => 'preset']]],
            [],
            ['curves' => ['preset' => ['points' => $points]]],
        );

        foreach ($points as [$x, $y]) {
            self::assertEqualsWithDelta($y, Given::frame($circuit, ['roll' => $x])->functions()['roll'], 1e-9);
        }
        self::assertSame([-1.0, $points[0][1]], $circuit->curve('preset')[0] ?? null);
        self::assertNull($circuit->curve('gone'));
    }
}
