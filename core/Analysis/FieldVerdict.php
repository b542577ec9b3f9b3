<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Units\UnitSystem;

/** Whether a flight stayed within its field's limits; what can't be judged is said, never left out. */
final readonly class FieldVerdict
{
    /** Metres from a field beyond which a flight was flown somewhere else: further than anybody sees an aircraft. */
    public const ELSEWHERE = 5000.0;

    /**
     * @param  list<array{from: float, to: float}>  $outside  when it was outside the outline, in seconds
     * @param  list<array{from: float, to: float}>  $above  when it was too high, in seconds
     * @param  list<Finding>  $findings  that it stayed within, or why nobody knows
     * @param  list<array{float, float}>  $corners  of the outline, metres east and north of home; none where it is elsewhere
     * @param  list<array{float, float}>  $runway  its ends, as the corners
     */
    private function __construct(
        public array $outside,
        public array $above,
        public array $findings,
        public array $corners = [],
        public array $runway = [],
    ) {}

    /**
     * @param  string  $name  of the field
     * @param  WindEstimate|null  $wind  null where nothing tells
     */
    public static function of(
        string $name,
        FieldLimits $limits,
        FlightSeries $flight,
        UnitSystem $units,
        ?Runway $runway = null,
        ?WindEstimate $wind = null,
    ): self {
        $words = new MeasuredWords($units);
        $say = fn (bool $known, string $says): Finding => new Finding('field', 'Field', $known, $says, '', null);
        $home = $flight->home();
        $away = $home === null ? null : $limits->away(...$home);
        if ($away !== null && $away > self::ELSEWHERE) {
            return new self(
                [],
                [],
                [$say(false, "Not checked: {$name} lies {$words->distance($away)} from where this was flown.")],
            );
        }
        $findings = [];
        $outside = $above = [];
        if ($limits->outline !== []) {
            $outside = $limits->outside($flight);
            if ($home === null) {
                $findings[] = $say(false, "The outline of {$name} isn't checked: no place was recorded.");
            } elseif ($outside === []) {
                $findings[] = $say(true, "Inside the outline of {$name} all the time.");
            }
        }
        if ($limits->height !== null) {
            $above = $limits->above($flight);
            if (array_filter($flight->height(), is_float(...)) === []) {
                $findings[] = $say(false, "The height limit of {$name} isn't checked: no height was recorded.");
            } elseif ($above === []) {
                $findings[] = $say(true, "Below {$words->metres($limits->height)} all the time.");
            }
        }

        if ($runway !== null && $wind !== null) {
            $across = $words->speed($runway->across($wind->speed, $wind->from));
            $findings[] = new Finding(
                'runway',
                'Runway',
                true,
                "{$across} of wind across it.",
                'One landed against it on '.((int) round($runway->against($wind->from)) % 360).'°.',
                null,
            );
        }

        return new self(
            $outside,
            $above,
            $findings,
            $home === null ? [] : $limits->around(...$home),
            $home === null || $runway === null ? [] : $runway->around(...$home),
        );
    }
}
