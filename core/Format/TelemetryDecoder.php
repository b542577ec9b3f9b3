<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;

/**
 * Reads what sensors say beside what the hand does: `{"telemetry": {"receiver-volts": 4.9}}`, in base units; null is
 * missing.
 */
final class TelemetryDecoder
{
    private const FARTHEST = 1e6;

    /**
     * Of a list of input sets in a value that {@see Json} decoded; what isn't named is missing.
     *
     * @param  list<string>  $sensors  those that the program asks for
     * @return list<array<string, float>>
     *
     * @throws Refused with the path of everything that is wrong
     */
    public static function list(mixed $value, array $sensors): array
    {
        $faults = new Faults();
        $sets = array_map(
            fn (JsonCursor $set): array => self::change($set, $sensors, []),
            (new JsonCursor($value, '', $faults))->items(100_000),
        );
        $faults->refuseAny();

        return $sets;
    }

    /**
     * What is known with what the node names changed; faults are noted with the node.
     *
     * @param  list<string>  $sensors  those that the program asks for
     * @param  array<string, float>  $known
     * @return array<string, float>
     */
    public static function change(JsonCursor $node, array $sensors, array $known): array
    {
        foreach ($node->at('telemetry')?->entries(64) ?? [] as $id => $value) {
            if (! in_array($id, $sensors, true)) {
                $value->fault(
                    'no condition that reaches a channel asks for "'.
                        $id.
                        '"; '.
                        ($sensors === [] ? 'none asks for telemetry' : 'asked for: '.implode(', ', $sensors)),
                );
            } elseif ($value->isNull()) {
                unset($known[$id]);
            } else {
                $known[$id] = $value->number(-self::FARTHEST, self::FARTHEST);
            }
        }

        return $known;
    }
}
