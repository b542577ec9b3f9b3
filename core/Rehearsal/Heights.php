<?php

namespace DuskSwitch\Core\Rehearsal;

/**
 * The heights that a script asks for, leg by leg: no gusts, and an aircraft that does at once what it's asked. Enough
 * to see before the flight that a script would go underground.
 */
final readonly class Heights
{
    /** So much below the ground is a landing a little too long, not a mistake. */
    private const SLACK = 0.5;

    /**
     * @param  list<array{begins: float, ends: float, meets: float|null, sinks: float}>  $legs  m; `ends` is below zero
     * where a leg would go on into the ground, which it `meets` after so many seconds, sinking so many m/s
     */
    private function __construct(public array $legs) {}

    /**
     * Of a script's legs as an aircraft flies them.
     *
     * @param  list<Leg>  $legs
     */
    public static function of(array $legs, FlightModel $model): self
    {
        $heights = [];
        $height = 0.0;
        foreach ($legs as $leg) {
            [$begins, $meets, $sinks, $gone] = [$height, null, 0.0, 0.0];
            foreach (self::stretches($leg, $model, $height) as [$rate, $seconds]) {
                $ends = $height + $rate * $seconds;
                if ($meets === null && $ends < 0.0) {
                    [$meets, $sinks] = [$gone + $height / -$rate, -$rate];
                }
                [$height, $gone] = [$ends, $gone + $seconds];
            }
            $heights[] = ['begins' => $begins, 'ends' => $height, 'meets' => $meets, 'sinks' => $sinks];
            $height = max(0.0, $height);
        }

        return new self($heights);
    }

    /** True where no leg leaves the ground. */
    public function stays(): bool
    {
        return max([0.0, ...array_column($this->legs, 'ends')]) <= 0.0;
    }

    /** True where a leg goes into the ground without meaning to land. */
    public function isUnderground(int $leg, Leg $of): bool
    {
        return ! $of->lands() && $this->legs[$leg]['ends'] < -self::SLACK;
    }

    /**
     * A climb or a descent is over at its `until`; the air, and the sink of what glides, go on.
     *
     * @return list<array{float, float}> m/s up, and for how many seconds
     */
    private static function stretches(Leg $leg, FlightModel $model, float $height): array
    {
        $rate = self::rate($leg, $leg->climb, $model, $height > 0.0);
        $up = $leg->climb <=> 0.0;
        if ($leg->until === null || $up === 0) {
            return [[$rate, $leg->seconds]];
        }
        [$way, $speed] = [$up * ($leg->until - $height), $up * $rate];
        if ($way > 0.0 && $speed * $leg->seconds <= $way) {
            return [[$rate, $leg->seconds]];
        }
        $after = self::rate($leg, 0.0, $model, $height > 0.0 || $rate > 0.0);
        if ($way <= 0.0) {
            return [[$after, $leg->seconds]];
        }

        // Where the air drives it back, the pilot holds the height.
        return [[$rate, $way / $speed], [$up * $after < 0.0 ? 0.0 : $after, $leg->seconds - $way / $speed]];
    }

    private static function rate(Leg $leg, float $climb, FlightModel $model, bool $flies): float
    {
        if (! $flies) {
            return $leg->motor ? max(0.0, $climb) : 0.0;
        }

        return $leg->lift + ($leg->motor ? $climb : min(0.0, $climb) - $model->sink);
    }
}
