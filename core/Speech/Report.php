<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Program\Telemetry\Priority;

/**
 * How busy the voice was: airtime a minute, what was dropped or late, and which warnings would have been talked over.
 */
final readonly class Report
{
    /** A warning that comes later than this is late (from memory). */
    private const LATE = 2.0;

    /**
     * @param  float  $share  of the time that the voice spoke, 0 to 1
     * @param  list<float>  $minutes  seconds of speech in each minute
     * @param  list<SpokenPhrase>  $dropped
     * @param  list<SpokenPhrase>  $late
     * @param  list<SpokenPhrase>  $talkedOver  warnings that had to wait for a note
     */
    private function __construct(
        public float $share,
        public array $minutes,
        public array $dropped,
        public array $late,
        public array $talkedOver,
    ) {}

    /**
     * @param  list<SpokenPhrase>  $said
     * @param  float  $seconds  that the flight took
     */
    public static function of(array $said, float $seconds): self
    {
        $minutes = array_fill(0, max(1, (int) ceil($seconds / 60)), 0.0);
        foreach ($said as $one) {
            for ($at = $one->from ?? 0.0, $end = $one->to ?? 0.0; $at < $end - 1e-9; $at = $next) {
                $minute = min((int) floor($at / 60 + 1e-9), count($minutes) - 1);
                $next = $minute === count($minutes) - 1 ? $end : min($end, ($minute + 1) * 60.0);
                $minutes[$minute] += $next - $at;
            }
        }
        $warns = fn (SpokenPhrase $one): bool => $one->offer->priority !== Priority::Note;

        return new self(
            $seconds > 0 ? array_sum($minutes) / $seconds : 0.0,
            array_values(array_map(fn (float $one): float => round($one, 1), $minutes)),
            array_values(array_filter($said, fn (SpokenPhrase $one): bool => $one->dropped !== null)),
            array_values(array_filter($said, fn (SpokenPhrase $one): bool => $one->late() > self::LATE)),
            array_values(
                array_filter($said, fn (SpokenPhrase $one): bool => $warns($one) && self::waitedForANote($one, $said)),
            ),
        );
    }

    /** @param  list<SpokenPhrase>  $all */
    private static function waitedForANote(SpokenPhrase $one, array $all): bool
    {
        return $one->late() > 0.05 &&
            array_filter(
                $all,
                fn (SpokenPhrase $other): bool => $other->offer->priority === Priority::Note &&
                    $other->from !== null &&
                    $other->from < $one->offer->at &&
                    ($other->to ?? 0.0) > $one->offer->at,
            ) !== [];
    }
}
