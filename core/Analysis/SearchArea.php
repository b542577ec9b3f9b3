<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Flight\SearchRings;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Telemetry\Geodesic;

/**
 * Where a lost aircraft lies: the last fix, and rings around the middle of where it may have come down. It flew on for
 * a moment, then fell or glided any way; what falls keeps its course like a stone, or is stopped by the air and taken
 * along by the wind, and nobody knows how far of each.
 */
final readonly class SearchArea
{
    /** Shares of all ways in which it may have come down that rings hold. */
    private const SHARES = [0.5, 0.8, 0.95];

    /** Ways that are tried: directions by kinds of coming down by errors of the fix. */
    private const DIRECTIONS = 24;

    private const KINDS = 8;

    private const ERRORS = 6;

    /** m/s², standard gravity (ISO 80000-3). */
    private const GRAVITY = 9.80665;

    /** Metres within which half of all fixes lie (common practice). */
    private const CEP = 2.5;

    /** Its multiples lie evenly between whole numbers, so that no two ways are alike. */
    private const GOLDEN = 0.6180339887;

    /** Seconds until a motor without a signal stands, on average (common practice). */
    private const REACTS = 1.0;

    /**
     * @param  float  $at  seconds of the last fix
     * @param  float  $unheard  seconds from it to the last word
     * @param  float|null  $height  metres over the field, then
     * @param  float|null  $speed  m/s over the ground, then
     * @param  float|null  $course  degrees, then
     * @param  float  $middleLatitude  of where it most likely lies
     * @param  list<array{share: float, metres: float}>  $rings  around the middle
     */
    private function __construct(
        public float $at,
        public float $unheard,
        public float $latitude,
        public float $longitude,
        public ?float $height,
        public ?float $speed,
        public ?float $course,
        public float $middleLatitude,
        public float $middleLongitude,
        public array $rings,
        public SearchRings $farthest,
    ) {}

    /**
     * Null where nothing ever sent a position.
     *
     * @param  float  $wind  m/s
     * @param  float  $from  degrees that it blows from
     * @param  float|null  $sink  m/s of its glide; null for what doesn't glide
     */
    public static function of(FlightSeries $flight, float $wind, float $from, ?float $sink): ?self
    {
        $row = self::lastFix($flight);
        if ($row === null) {
            return null;
        }
        $times = $flight->times();
        $height = self::lately($times, $flight->height(), $row);
        $speed = self::lately($times, $flight->speed(), $row);
        $course = self::lately($times, $flight->course(), $row);
        $unheard = max(0.0, self::lastWord($flight) - $times[$row]);
        $latitude = (float) $flight->sent(LogQuantity::Latitude)[$row];
        $longitude = (float) $flight->sent(LogQuantity::Longitude)[$row];
        [$middle, $rings] = self::rings(
            max(0.0, $height ?? 0.0),
            $speed ?? 0.0,
            $course,
            $unheard,
            $wind,
            $from,
            $sink,
        );
        [$middleLatitude, $middleLongitude] = Geodesic::offset($latitude, $longitude, ...$middle);

        return new self(
            $times[$row],
            $unheard,
            $latitude,
            $longitude,
            $height,
            $speed,
            $course,
            $middleLatitude,
            $middleLongitude,
            $rings,
            SearchRings::of($height ?? 0.0, $speed ?? 0.0, $unheard, $wind, $sink),
        );
    }

    /**
     * Where it comes down in each way that is tried, all as likely.
     *
     * @return array{array{float, float}, list<array{share: float, metres: float}>} metres east and north of the fix
     */
    private static function rings(
        float $height,
        float $speed,
        ?float $course,
        float $unheard,
        float $wind,
        float $from,
        ?float $sink,
    ): array {
        $ahead = $course === null ? [0.0, 0.0] : [sin(deg2rad($course)), cos(deg2rad($course))];
        $blown = [-sin(deg2rad($from)) * $wind, -cos(deg2rad($from)) * $wind];
        $falls = sqrt((2 * $height) / self::GRAVITY);
        $glides = $sink === null || $sink <= 0.0 ? $falls : $height / $sink;
        $flies = $speed * $unheard;
        $places = [];
        for ($kind = 0; $kind < self::KINDS; $kind++) {
            // From falling like a stone to gliding all the way.
            $share = $glides > $falls ? ($kind + 0.5) / self::KINDS : 0.0;
            $seconds = $falls + ($glides - $falls) * $share;
            for ($way = 0; $way < self::DIRECTIONS; $way++) {
                $angle = (2 * M_PI * $way) / self::DIRECTIONS;
                // How much of its way a falling thing keeps, evenly from nothing to all of it.
                $keeps = fmod(($way + 0.5) * self::GOLDEN + ($kind + 0.5) * self::GOLDEN ** 2, 1.0);
                $dragged = (1 - $share) * (1 - $keeps);
                $reach = $speed * $seconds * (1 - $dragged);
                $drift = $seconds * ($share + $dragged);
                // A motor without a signal stands at once, or late.
                $on = $flies + $speed * self::REACTS * (2 * ($kind + 0.5)) / self::KINDS;
                // A stone keeps its course; the longer it glides the less anybody knows where to.
                $turned = [
                    $ahead[0] * (1 - $share) + sin($angle) * $share,
                    $ahead[1] * (1 - $share) + cos($angle) * $share,
                ];
                $kept = $course === null ? [sin($angle), cos($angle)] : $turned;
                for ($error = 0; $error < self::ERRORS; $error++) {
                    // A fix is off in two dimensions: Rayleigh, half of them within the CEP.
                    $off = self::CEP * sqrt(-log(1 - ($error + 0.5) / self::ERRORS) / M_LN2);
                    $offAngle = 2 * M_PI * fmod(($error + 0.5) * self::GOLDEN + $way * self::GOLDEN ** 2, 1.0);
                    $places[] = [
                        $ahead[0] * $on + $kept[0] * $reach + $blown[0] * $drift + sin($offAngle) * $off,
                        $ahead[1] * $on + $kept[1] * $reach + $blown[1] * $drift + cos($offAngle) * $off,
                    ];
                }
            }
        }
        $middle = [Spread::mean(array_column($places, 0)), Spread::mean(array_column($places, 1))];
        $away = array_map(fn (array $one): float => hypot($one[0] - $middle[0], $one[1] - $middle[1]), $places);

        return [
            $middle,
            array_map(
                fn (float $share): array => ['share' => $share, 'metres' => Spread::quantile($away, $share)],
                self::SHARES,
            ),
        ];
    }

    private static function lastFix(FlightSeries $flight): ?int
    {
        [$latitude, $longitude] = [$flight->sent(LogQuantity::Latitude), $flight->sent(LogQuantity::Longitude)];
        for ($row = $flight->log->count() - 1; $row >= 0; $row--) {
            if (isset($latitude[$row], $longitude[$row])) {
                // What was kept by the logger is as old as its first writing.
                while (
                    $row > 0 &&
                    $latitude[$row - 1] === $latitude[$row] &&
                    $longitude[$row - 1] === $longitude[$row]
                ) {
                    $row--;
                }

                return $row;
            }
        }

        return null;
    }

    /** Seconds of the last row in which anything was heard of it. */
    private static function lastWord(FlightSeries $flight): float
    {
        $quality = $flight->sent(LogQuantity::Quality);
        $times = $flight->times();
        for ($row = count($times) - 1; $row > 0; $row--) {
            if ($quality[$row] === null || $quality[$row] > 0.0) {
                break;
            }
        }

        return $times[$row] ?? 0.0;
    }

    /**
     * @param  list<float>  $times
     * @param  list<float|null>  $column
     */
    private static function lately(array $times, array $column, int $row): ?float
    {
        for ($at = $row; $at >= 0 && $times[$row] - $times[$at] <= 5.0; $at--) {
            if ($column[$at] !== null) {
                return $column[$at];
            }
        }

        return null;
    }
}
