<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Telemetry\Geodesic;

/**
 * A flight as it's looked at: what was sent, and what follows from it where it wasn't: a height over the field, a speed
 * from positions, a climb from heights. Row by row in base units; what nothing tells is null.
 */
final class FlightSeries
{
    /** Seconds at the beginning in which it stands at home. */
    private const HOME = 10.0;

    /** m/s at which nothing that is flown here climbs, or moves: a single row beyond is a fault of what sent it. */
    private const CLIMBS = 120.0;

    private const MOVES = 300.0;

    /** @var array<string, list<float|null>> */
    private array $made = [];

    /** @var array{height: list<int>, place: list<int>} */
    private array $jumps = ['height' => [], 'place' => []];

    /** @var array{float, float}|null|false */
    private array|null|false $home = false;

    /** @param  int|null  $cells  in series of its pack; null where nobody said */
    public function __construct(public readonly LoggedFlight $log, public readonly ?int $cells = null) {}

    /** @return list<float> seconds since the first row of the recording */
    public function times(): array
    {
        return $this->log->times;
    }

    /** @return list<float|null> a column as it was sent; nothing in every row where it wasn't */
    public function sent(LogQuantity|string $key): array
    {
        return $this->log->column($key) ?? array_fill(0, $this->log->count(), null);
    }

    /** True where something of it is there. */
    public function has(LogQuantity ...$all): bool
    {
        return $this->log->has(...$all);
    }

    /** @return array{float, float}|null latitude and longitude at which it began; null where nothing says */
    public function home(): ?array
    {
        if ($this->home !== false) {
            return $this->home;
        }
        [$latitude, $longitude] = [$this->sent(LogQuantity::Latitude), $this->sent(LogQuantity::Longitude)];
        $places = [[], []];
        $since = null;
        foreach ($this->times() as $row => $time) {
            if (isset($latitude[$row], $longitude[$row])) {
                $since ??= $time;
                if ($time > $since + self::HOME && count($places[0]) >= 3) {
                    break;
                }
                $places[0][] = $latitude[$row];
                $places[1][] = $longitude[$row];
            }
        }

        return $this->home =
            $places[0] === [] || $places[1] === []
                ? null
                : $this->standing([Spread::median($places[0]), Spread::median($places[1])], $places);
    }

    /**
     * Where it moved from the beginning on, its first position is home, not the middle of the way.
     *
     * @param  array{float, float}  $middle
     * @param  array{non-empty-list<float>, non-empty-list<float>}  $places
     * @return array{float, float}
     */
    private function standing(array $middle, array $places): array
    {
        $first = [$places[0][0], $places[1][0]];

        return hypot(...Geodesic::local($first[0], $first[1], $middle[0], $middle[1])) > 15.0 ? $first : $middle;
    }

    /** @return list<float|null> metres east of home */
    public function east(): array
    {
        return $this->made['east'] ?? $this->places()['east'];
    }

    /** @return list<float|null> metres north of home */
    public function north(): array
    {
        return $this->made['north'] ?? $this->places()['north'];
    }

    /** @return list<float|null> metres over the field: a barometer's, else an altitude less that of the field */
    public function height(): array
    {
        return $this->made['height'] ??= $this->overField();
    }

    /** @return list<float|null> m/s over the ground: as sent, else from positions */
    public function speed(): array
    {
        return $this->made['speed'] ??= $this->has(LogQuantity::Speed)
            ? $this->sent(LogQuantity::Speed)
            : array_map(
                fn (?float $east, ?float $north): ?float => $east === null || $north === null
                    ? null
                    : hypot($east, $north),
                $this->rate($this->east()),
                $this->rate($this->north()),
            );
    }

    /** @return list<float|null> degrees from true north that it moves to: as sent, else from positions */
    public function course(): array
    {
        return $this->made['course'] ??= $this->has(LogQuantity::Course)
            ? $this->sent(LogQuantity::Course)
            : array_map(
                fn (?float $east, ?float $north): ?float => $east === null ||
                $north === null ||
                hypot($east, $north) < 1.0
                    ? null
                    : fmod(rad2deg(atan2($east, $north)) + 360.0, 360.0),
                $this->rate($this->east()),
                $this->rate($this->north()),
            );
    }

    /** @return list<float|null> m/s upwards: as sent, else from heights */
    public function climb(): array
    {
        return $this->made['climb'] ??= $this->has(LogQuantity::Climb)
            ? $this->sent(LogQuantity::Climb)
            : $this->rate($this->height());
    }

    /** @return list<float|null> volts of a cell: as sent, else the pack's by its cells, where those are known */
    public function cell(): array
    {
        return $this->made['cell'] ??= match (true) {
            $this->has(LogQuantity::Cell) => $this->sent(LogQuantity::Cell),
            $this->cells === null => array_fill(0, $this->log->count(), null),
            default => array_map(
                fn (?float $one): ?float => $one === null ? null : $one / max(1, $this->cells),
                $this->sent(LogQuantity::Volts),
            ),
        };
    }

    /** @return list<float|null> mAh since the start: as sent, else current by time */
    public function used(): array
    {
        return $this->made['used'] ??= $this->has(LogQuantity::Used) ? $this->sent(LogQuantity::Used) : $this->drawn();
    }

    /** @return list<float|null> metres from home in three dimensions */
    public function distance(): array
    {
        return $this->made['distance'] ??= array_map(
            fn (?float $east, ?float $north, ?float $height): ?float => $east === null || $north === null
                ? null
                : sqrt($east ** 2 + $north ** 2 + ($height ?? 0.0) ** 2),
            $this->east(),
            $this->north(),
            $this->height(),
        );
    }

    /**
     * How quickly a column changes, over a second before and behind each row.
     *
     * @param  list<float|null>  $column
     * @return list<float|null> a second
     */
    public function rate(array $column): array
    {
        return Smoothing::rate($this->times(), $column);
    }

    /**
     * A column without its noise: the mean of a second before and behind each row.
     *
     * @param  list<float|null>  $column
     * @return list<float|null>
     */
    public function smoothed(array $column): array
    {
        return Smoothing::mean($this->times(), $column);
    }

    /** @return array{height: list<int>, place: list<int>} rows that can't be so, which are left out */
    public function jumps(): array
    {
        $this->height();
        $this->east();

        return $this->jumps;
    }

    /** @return array{east: list<float|null>, north: list<float|null>} metres from home, without jumps */
    private function places(): array
    {
        [$east, $north] = LocalPlaces::of(
            $this->home(),
            $this->sent(LogQuantity::Latitude),
            $this->sent(LogQuantity::Longitude),
        );
        $this->jumps['place'] = array_values(array_unique([
            ...Jumps::of($this->times(), $east, self::MOVES),
            ...Jumps::of($this->times(), $north, self::MOVES),
        ]));

        return [
            'east' => $this->made['east'] = Jumps::without($east, $this->jumps['place']),
            'north' => $this->made['north'] = Jumps::without($north, $this->jumps['place']),
        ];
    }

    /** @return list<float|null> */
    private function overField(): array
    {
        $height = $this->sent($this->has(LogQuantity::Height) ? LogQuantity::Height : LogQuantity::Altitude);
        $this->jumps['height'] = Jumps::of($this->times(), $height, self::CLIMBS);
        $height = Jumps::without($height, $this->jumps['height']);
        $first = [];
        $since = null;
        foreach ($this->times() as $row => $time) {
            if ($height[$row] !== null) {
                $since ??= $time;
                if ($time > $since + self::HOME / 4 && count($first) >= 3) {
                    break;
                }
                $first[] = $height[$row];
            }
        }
        $ground = $first === [] ? 0.0 : Spread::median($first);

        return array_map(fn (?float $one): ?float => $one === null ? null : $one - $ground, $height);
    }

    /** @return list<float|null> */
    private function drawn(): array
    {
        $amperes = $this->sent(LogQuantity::Amperes);
        $times = $this->times();
        $used = 0.0;
        $drawn = [];
        foreach ($amperes as $row => $is) {
            $used += $row === 0 || $is === null ? 0.0 : ($is * ($times[$row] - $times[$row - 1])) / 3.6;
            $drawn[] = $this->has(LogQuantity::Amperes) ? $used : null;
        }

        return $drawn;
    }
}
