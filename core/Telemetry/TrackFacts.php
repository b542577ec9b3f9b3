<?php

namespace DuskSwitch\Core\Telemetry;

/** What can be told of a GPS from its own words: how many fixes, how far, how high, how fast. */
final readonly class TrackFacts
{
    /** @param  array{float, float}|null  $first  latitude, longitude */
    private function __construct(
        public int $sentences,
        public int $fixes,
        public int $satellites,
        public ?array $first,
        public float $furthest,
        public ?float $lowest,
        public ?float $highest,
        public float $fastest,
    ) {}

    /** @param  list<GpsFix>  $all */
    public static function of(array $all): self
    {
        $placed = array_values(
            array_filter($all, fn (GpsFix $one): bool => $one->latitude !== null && $one->longitude !== null),
        );
        $home = $placed[0] ?? null;
        $distances = array_map(
            fn (GpsFix $one): float => Geodesic::inverse(
                (float) $home?->latitude,
                (float) $home?->longitude,
                (float) $one->latitude,
                (float) $one->longitude,
            )[0],
            $placed,
        );
        $heights = array_values(
            array_filter(
                array_map(fn (GpsFix $one): ?float => $one->altitude, $placed),
                fn (?float $one): bool => $one !== null,
            ),
        );

        return new self(
            count($all),
            count($placed),
            max([0, ...array_map(fn (GpsFix $one): int => $one->satellites ?? 0, $all)]),
            $home === null ? null : [(float) $home->latitude, (float) $home->longitude],
            max([0.0, ...$distances]),
            $heights === [] ? null : min($heights),
            $heights === [] ? null : max($heights),
            max([0.0, ...array_map(fn (GpsFix $one): float => $one->speed ?? 0.0, $all)]),
        );
    }
}
