<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Telemetry\ToneSettings;
use DuskSwitch\Core\Units\Dimension;

/** Has the variometer's tone a climb to follow, and does it ever sound? */
final readonly class ToneCheck
{
    public function __construct(private Values $values, private ConditionCheck $conditions) {}

    /** True for a speed that is counted upwards. */
    public static function isClimb(Value $value): bool
    {
        return $value->dimension === Dimension::Speed && $value->upright;
    }

    /** The climb that a tone follows: the one it names, else the first of a sensor, else the first at all; or null. */
    public static function source(ToneSettings $tone, Values $values): ?Value
    {
        if ($tone->of !== null) {
            return $values->find($tone->of);
        }
        $climbs = array_values(array_filter($values->all, self::isClimb(...)));
        $sent = array_values(array_filter($climbs, fn (Value $one): bool => ! $one->derived));

        return $sent[0] ?? ($climbs[0] ?? null);
    }

    /** @return list<VerdictPoint> */
    public function of(?ToneSettings $tone): array
    {
        if ($tone === null) {
            return [];
        }
        $source = self::source($tone, $this->values);

        return [
            ...match (true) {
                $source === null && $tone->of !== null => [
                    VerdictPoint::wrong(
                        'Tone',
                        "The tone follows \"{$tone->of}\", which nothing sends: it stays silent.",
                        'Choose another climb, or add the sensor.',
                    ),
                ],
                $source === null => [
                    VerdictPoint::wrong(
                        'Tone',
                        'The tone is on, and nothing tells of climb: it stays silent.',
                        'Add a variometer, take a receiver with a barometer, or work a climb out of a height.',
                    ),
                ],
                ! self::isClimb($source) => [
                    VerdictPoint::wrong(
                        'Tone',
                        "The tone follows {$source->name}, which is no climb.",
                        'Choose a climb.',
                    ),
                ],
                default => [],
            },
            ...$tone->when === null ? [] : $this->conditions->of($tone->when, 'The tone', 'be heard', 'sounds'),
        ];
    }
}
