<?php

namespace DuskSwitch\Core\Flight;

use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Telemetry\Values;

/** Where an aircraft was when it was heard for the last time: the first place to look. */
final readonly class LastPosition
{
    /** Seconds for which a link must be gone before anybody searches. */
    private const GONE = 5.0;

    /**
     * @param  float  $at  seconds at which the position came
     * @param  float  $lost  seconds at which the link went
     * @param  float|null  $height  m over the field, then
     * @param  float|null  $speed  m/s over the ground, then
     * @param  float|null  $course  degrees, then
     * @param  float|null  $east  m from home
     * @param  float|null  $north  m from home
     */
    private function __construct(
        public float $at,
        public float $lost,
        public float $latitude,
        public float $longitude,
        public ?float $height,
        public ?float $speed,
        public ?float $course,
        public ?float $east,
        public ?float $north,
        public SearchRings $rings,
    ) {}

    /**
     * Of a flight whose link went for long, or for good; null where it held, or where nothing sends a position.
     *
     * @param  float  $wind  m/s
     * @param  float|null  $sink  m/s of the aircraft's glide; null for what doesn't glide
     */
    public static function of(Recording $flight, Values $values, float $wind, ?float $sink): ?self
    {
        $lost = self::lost($flight);
        $ids = self::ids($values);
        if ($lost === null || ! isset($ids['latitude'], $ids['longitude'])) {
            return null;
        }
        for ($row = $flight->rowAt($lost - 1e-6); $row >= 0; $row--) {
            $sent = $flight->samples[$row]->values ?? [];
            if (isset($sent[$ids['latitude']], $sent[$ids['longitude']])) {
                return self::at($flight, $row, $lost, $ids, $wind, $sink);
            }
        }

        return null;
    }

    /** Seconds at which the link went for long enough that somebody would search; null where it held. */
    public static function lost(Recording $flight): ?float
    {
        foreach ($flight->spans(TrackColumn::Linked, fn (float $one): bool => $one === 0.0) as [$from, $to]) {
            if ($to - $from >= self::GONE) {
                return $from;
            }
        }

        return null;
    }

    /** @param  array<string, string>  $ids */
    private static function at(Recording $flight, int $row, float $lost, array $ids, float $wind, ?float $sink): self
    {
        $sent = $flight->samples[$row]->values;
        $is = fn (Measurand $what): ?float => $sent[$ids[$what->value] ?? ''] ?? null;
        $height = $is(Measurand::Height) ?? $flight->track->at($row, TrackColumn::Height);
        $speed = $is(Measurand::Speed) ?? $flight->track->at($row, TrackColumn::Speed);
        $at = $flight->time($row);

        return new self(
            $at,
            $lost,
            $sent[$ids['latitude']],
            $sent[$ids['longitude']],
            $height,
            $speed,
            $is(Measurand::Course),
            $flight->track->at($row, TrackColumn::East),
            $flight->track->at($row, TrackColumn::North),
            SearchRings::of($height ?? 0.0, $speed ?? 0.0, max(0.0, $lost - $at), $wind, $sink),
        );
    }

    /** @return array<string, string> the first value that measures each, by what it measures */
    private static function ids(Values $values): array
    {
        $ids = [];
        foreach ($values->all as $value) {
            if ($value->measures !== null) {
                $ids[$value->measures->value] ??= $value->id;
            }
        }

        return $ids;
    }

    /** True where nobody knows how high it was: the rings are those of the ground, and too small. */
    public function isFlat(): bool
    {
        return $this->height === null;
    }
}
