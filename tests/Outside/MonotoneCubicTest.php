<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Signal\Curve\Smooth;
use PHPUnit\Framework\TestCase;

/**
 * Smooth curves against SciPy 1.10.1, `scipy.interpolate.PchipInterpolator`; the values were made by
 * `pchip.py` beside this file.
 */
final class MonotoneCubicTest extends TestCase
{
    public function test_smooth_curves_are_those_of_scipy(): void
    {
        $cases = json_decode((string) file_get_contents(__DIR__.'/pchip.json'), true, flags: JSON_THROW_ON_ERROR);
        self::assertCount(40, $cases);
        foreach ($cases as $number => $case) {
            $points = array_map(fn (array $point): array => [(float) $point[0], (float) $point[1]], $case['points']);
            $curve = new Smooth(new Curve(id: 'c', points: $points, smooth: true));
            foreach ($case['at'] as $index => $x) {
                self::assertEqualsWithDelta($case['gives'][$index], $curve->at($x), 1e-12, "curve {$number} at {$x}");
            }
        }
    }
}
