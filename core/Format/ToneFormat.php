<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Program\Telemetry\ToneSettings;
use DuskSwitch\Core\Units\Range;

/** Reads and writes the variometer's tone: `true` for one that nobody changed, else what is set. */
final class ToneFormat
{
    /** What stands at a node; null where the tone is off. */
    public static function read(?JsonCursor $node): ?ToneSettings
    {
        if ($node === null || ! $node->isObject()) {
            return $node?->flag() === true ? new ToneSettings() : null;
        }
        $node->keys([], ['of', 'when', 'quiet', 'full', 'pitch', 'beeps']);
        $usual = new ToneSettings();
        $when = $node->at('when');
        $pitch = array_map(
            fn (JsonCursor $one): float => $one->number(...ToneSettings::HERTZ),
            $node->at('pitch')?->items(3, 3) ?? [],
        );
        [$low, $middle, $high] = count($pitch) === 3
            ? $pitch
            : [$usual->pitch->low, $usual->middle, $usual->pitch->high];
        $tone = new ToneSettings(
            of: $node->at('of')?->id(),
            when: $when === null ? null : ConditionDecoder::decode($when),
            quiet: $node->at('quiet')?->range(...ToneSettings::CLIMBS) ?? $usual->quiet,
            full: $node->at('full')?->range(...ToneSettings::CLIMBS) ?? $usual->full,
            pitch: new Range($low, $high),
            middle: $middle,
            beeps: $node->at('beeps')?->range(...ToneSettings::BEEPS) ?? $usual->beeps,
        );
        $node->faults->none() && self::ordered($node, $tone);

        return $tone;
    }

    /** Sink is below the silent band and climb above it; low is lower than high. */
    private static function ordered(JsonCursor $node, ToneSettings $tone): bool
    {
        $at = fn (string $key): JsonCursor => $node->at($key) ?? $node;
        if ($tone->quiet->low > 0.0 || $tone->quiet->high < 0.0) {
            $at('quiet')->fault('must go from a sink to a climb, with 0 between them');
        }
        if ($tone->full->low >= $tone->quiet->low || $tone->full->high <= $tone->quiet->high) {
            $at('full')->fault(
                "must reach beyond the silent band, which is {$tone->quiet->low} to {$tone->quiet->high} m/s",
            );
        }
        if ($tone->pitch->low >= $tone->middle || $tone->middle >= $tone->pitch->high) {
            $at('pitch')->fault('must rise: at full sink, at level flight, at full climb');
        }
        if ($tone->beeps->low > $tone->beeps->high) {
            $at('beeps')->fault('must not fall: in weak climb, in full climb');
        }

        return $node->faults->none();
    }

    /** @return true|array<string, mixed> */
    public static function encode(ToneSettings $tone): true|array
    {
        $usual = new ToneSettings();
        $said = [
            ...$tone->of === null ? [] : ['of' => $tone->of],
            ...$tone->when === null ? [] : ['when' => ConditionEncoder::encode($tone->when)],
        ];
        $pitch = fn (ToneSettings $one): array => [$one->pitch->low, $one->middle, $one->pitch->high];
        $numbers = fn (ToneSettings $one): array => [
            'quiet' => [$one->quiet->low, $one->quiet->high],
            'full' => [$one->full->low, $one->full->high],
            'pitch' => $pitch($one),
            'beeps' => [$one->beeps->low, $one->beeps->high],
        ];
        foreach ($numbers($tone) as $key => $value) {
            if ($value !== $numbers($usual)[$key]) {
                $said[$key] = $value;
            }
        }

        return $said === [] ? true : $said;
    }
}
