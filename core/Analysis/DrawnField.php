<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Telemetry\Geodesic;

/** An outline and a runway that were drawn over a flight, in metres from its home. */
final readonly class DrawnField
{
    /** Metres from home beyond which no field reaches. */
    public const FARTHEST = 20_000.0;

    /** Metres between the ends of a runway at least. */
    private const SHORTEST = 2.0;

    /**
     * @param  list<array{float, float}>  $outline  latitude and longitude of its corners
     * @param  list<array{float, float}>  $runway  of both ends, or nothing
     */
    private function __construct(public array $outline, public array $runway) {}

    /**
     * @param  array{float, float}  $home  latitude, longitude
     * @param  list<array{float, float}>  $outline  metres east and north of it
     * @param  list<array{float, float}>  $runway  metres east and north of it
     *
     * @throws Refused where nothing can be made of it
     */
    public static function of(array $home, array $outline, array $runway): self
    {
        if ($outline !== [] && count($outline) < 3) {
            throw Refused::because('drawn.outline', 'an outline has three corners at least');
        }
        if (! in_array(count($runway), [0, 2], true)) {
            throw Refused::because('drawn.runway', 'a runway has two ends');
        }
        if (
            count($runway) === 2 &&
            hypot($runway[1][0] - $runway[0][0], $runway[1][1] - $runway[0][1]) < self::SHORTEST
        ) {
            throw Refused::because('drawn.runway', 'both ends of the runway lie at the same place');
        }

        return new self(self::places($home, $outline), self::places($home, $runway));
    }

    /**
     * @param  array{float, float}  $home
     * @param  list<array{float, float}>  $all  metres east and north of it
     * @return list<array{float, float}> latitude and longitude
     */
    private static function places(array $home, array $all): array
    {
        return array_map(fn (array $one): array => Geodesic::offset(...$home, ...$one), $all);
    }
}
