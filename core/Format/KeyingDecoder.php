<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Format\Kit\TelemetryEntryFormat;
use DuskSwitch\Core\Kit\EntryFormat;
use DuskSwitch\Core\Kit\EntryGrid;
use DuskSwitch\Core\Kit\PositionMix;
use DuskSwitch\Core\Units\PulseScale;

/** Reads how a transmitter takes its values; what isn't said is as fine as can be. */
final class KeyingDecoder
{
    /** The keying that stands at a node of a transmitter with that scale. */
    public static function decode(JsonCursor $node, PulseScale $scale): EntryFormat
    {
        $node->keys(
            [],
            [
                'travel', 'subtrim', 'rate', 'expo', 'weight', 'value', 'positions', 'phases', 'curvePoints', 'smooth',
                'mixes', 'telemetry',
            ],
        );
        $free = EntryFormat::free();
        $positions = $node->at('positions');
        $positions?->keys(['offset', 'rate']);
        $points = $node->at('curvePoints')?->whole(0, 17) ?? $free->curvePoints;
        if ($points === 1) {
            $node->at('curvePoints')?->fault('a curve has at least 2 points; 0 means that there are no curves');
        }

        return new EntryFormat(
            self::grid($node->at('travel'), $scale, $free->travel),
            self::grid($node->at('subtrim'), $scale, $free->subtrim),
            self::grid($node->at('rate'), $scale, $free->rate),
            self::grid($node->at('expo'), $scale, $free->expo),
            self::grid($node->at('weight'), $scale, $free->weight),
            self::grid($node->at('value'), $scale, $free->value),
            $positions === null
                ? null
                : new PositionMix(
                    self::grid($positions->at('offset'), $scale, $free->value),
                    self::grid($positions->at('rate'), $scale, $free->value),
                ),
            $node->at('phases')?->whole(1, 16) ?? $free->phases,
            $points,
            $node->at('smooth')?->flag() ?? false,
            $node->at('mixes')?->whole(0, 200),
            TelemetryEntryFormat::read($node->at('telemetry')),
        );
    }

    private static function grid(?JsonCursor $node, PulseScale $scale, EntryGrid $otherwise): EntryGrid
    {
        if ($node === null) {
            return $otherwise;
        }
        $unit = $node->at('unit')?->choice(KeyingUnit::class) ?? KeyingUnit::Percent;
        $node->keys(['unit', 'least', 'most', 'step', ...$unit === KeyingUnit::Points ? ['hundred'] : []]);
        $least = $node->at('least')?->number(-10_000, 10_000) ?? $otherwise->least;
        $most = $node->at('most')?->number(-10_000, 10_000) ?? $otherwise->most;
        if ($most <= $least) {
            $node->at('most')?->fault("must be more than the least, {$least}");
        }

        return new EntryGrid(
            $unit->shown(),
            $least,
            $most,
            $node->need('step')->number(0.001, 100),
            match ($unit) {
                KeyingUnit::Percent => 100.0,
                KeyingUnit::Microseconds => $scale->span,
                KeyingUnit::Points => $node->need('hundred')->number(1, 10_000),
            },
        );
    }
}
