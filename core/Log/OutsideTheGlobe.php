<?php

namespace DuskSwitch\Core\Log;

/** Positions that no place on earth has. */
final readonly class OutsideTheGlobe
{
    private ?int $latitude;

    private ?int $longitude;

    /** @param  list<LogColumn>  $columns */
    public function __construct(array $columns)
    {
        $at = array_flip(array_map(fn (LogColumn $one): string => $one->key, $columns));
        $this->latitude = $at['latitude'] ?? null;
        $this->longitude = $at['longitude'] ?? null;
    }

    /**
     * Why a row's position can't be; null where it can.
     *
     * @param  list<float|null>  $row
     */
    public function why(array $row): ?string
    {
        [$lat, $lon] = $this->position($row);

        return match (true) {
            $lat !== null && abs($lat) > 90.0 => "a latitude of {$lat}° is outside the globe",
            $lon !== null && abs($lon) > 180.0 => "a longitude of {$lon}° is outside the globe",
            default => null,
        };
    }

    /**
     * The row without a position that is none: zero and zero is a receiver without a fix, and half of one is nothing.
     *
     * @param  list<float|null>  $row
     * @return list<float|null>
     */
    public function cleaned(array $row): array
    {
        [$lat, $lon] = $this->position($row);
        if (
            $this->latitude === null ||
            $this->longitude === null ||
            ($lat !== null && $lon !== null && ($lat !== 0.0 || $lon !== 0.0))
        ) {
            return $row;
        }
        foreach ([$this->latitude, $this->longitude] as $place) {
            array_splice($row, $place, 1, [null]);
        }

        return $row;
    }

    /**
     * @param  list<float|null>  $row
     * @return array{float|null, float|null}
     */
    private function position(array $row): array
    {
        return [
            $this->latitude === null ? null : $row[$this->latitude] ?? null,
            $this->longitude === null ? null : $row[$this->longitude] ?? null,
        ];
    }
}
