<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Span;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Telemetry\ToneSettings;
use DuskSwitch\Core\Units\Range;

/** The variometer's tone: `true` for one that nobody changed, else what is set. */
final readonly class ToneForm implements Form
{
    /** What stands at a node; null where the tone is off. */
    public function read(JsonCursor $node, Forms $forms): ?ToneSettings
    {
        if (! $node->isObject()) {
            return $node->flag() ? new ToneSettings() : null;
        }
        $before = $node->faults->count();
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
        $node->faults->count() === $before && self::checkOrder($node, $tone);

        return $tone;
    }

    /** Sink is below the silent band and climb above it; low is lower than high. */
    private static function checkOrder(JsonCursor $node, ToneSettings $tone): void
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
    }

    /** @return true|array<string, mixed> */
    public function write(mixed $value, Forms $forms): true|array
    {
        $tone = $value;
        assert($tone instanceof ToneSettings);
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
        foreach ($numbers($tone) as $key => $number) {
            if ($number !== $numbers($usual)[$key]) {
                $said[$key] = $number;
            }
        }

        return $said === [] ? true : $said;
    }

    public function schema(Schema $schema): array
    {
        $says = fn (string $what, array $of): array => ['description' => $what, ...$of];
        $climbs = $schema->of(new Span(...ToneSettings::CLIMBS));
        $hertz = $schema->of(new Number(...ToneSettings::HERTZ));

        return [
            'oneOf' => [
                ['type' => 'boolean'],
                $schema->named('tone', [
                    'type' => 'object',
                    'additionalProperties' => false,
                    'properties' => [
                        'of' => $says('the climb that it follows; the first where it is missing', $schema->of(new Id())),
                        'when' => $says('heard while this holds', $schema->of(Condition::class)),
                        'quiet' => $says('m/s between which it is silent, [low, high]', $climbs),
                        'full' => $says('m/s beyond which it says no more, [sink, climb]', $climbs),
                        'pitch' => $says(
                            'Hz at full sink, at level flight, at full climb',
                            ['type' => 'array', 'minItems' => 3, 'maxItems' => 3, 'items' => $hertz],
                        ),
                        'beeps' => $says(
                            'a second, in the weakest and in full climb',
                            $schema->of(new Span(...ToneSettings::BEEPS)),
                        ),
                    ],
                ]),
            ],
        ];
    }
}
