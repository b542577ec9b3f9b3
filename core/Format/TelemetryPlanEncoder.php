<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Program\Telemetry\Logging;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;
use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Program\Telemetry\SpokenLanguage;
use DuskSwitch\Core\Program\Telemetry\TelemetryPlan;
use DuskSwitch\Core\Units\Unit;
use stdClass;

/** Writes what an aircraft senses, and what is said of it. */
final class TelemetryPlanEncoder
{
    /** @return array<string, mixed> what there is, by key */
    public static function encode(TelemetryPlan $sense): array
    {
        $there = [
            'bus' => $sense->bus?->value,
            'interval' => $sense->interval === TelemetryPlan::INTERVAL ? null : $sense->interval,
            'chain' => array_map(self::fitted(...), $sense->chain),
            'values' => array_map(self::derived(...), $sense->values),
            'system' => $sense->system?->value,
            'units' => array_map(fn (Unit $unit): string => $unit->value, $sense->units),
            'calls' => array_map(self::call(...), $sense->calls),
            'announces' => $sense->announces,
            'tone' => $sense->tone === null ? null : ToneFormat::encode($sense->tone),
            'blanked' => $sense->blanked,
            'logging' => $sense->logging === null ? null : self::logging($sense->logging),
            'reset' => $sense->reset === null ? null : ConditionEncoder::encode($sense->reset),
            'pages' => GlanceFormat::write($sense->pages),
            'language' => $sense->language === SpokenLanguage::English ? null : $sense->language->value,
        ];

        return array_filter($there, fn (mixed $one): bool => $one !== null && $one !== []);
    }

    /** @return array<string, mixed> */
    private static function fitted(InstalledSensor $one): array
    {
        return array_filter(
            [
                'id' => $one->id,
                'sensor' => $one->sensor,
                'address' => $one->address,
                'slot' => $one->slot,
                'byHand' => $one->byHand ? true : null,
                'mode' => $one->mode,
                'scales' => $one->scales,
            ],
            fn (mixed $value): bool => $value !== null && $value !== [],
        );
    }

    /** @return array<string, mixed> */
    private static function derived(DerivedValue $one): array
    {
        return array_filter(
            [
                'id' => $one->id,
                'name' => $one->name,
                'does' => $one->does->id(),
                'of' => $one->of,
                'by' => $one->by,
                'plus' => $one->plus,
                'while' => $one->while === null ? null : ConditionEncoder::encode($one->while),
                'home' => $one->home,
            ],
            fn (mixed $value): bool => $value !== null && $value !== [],
        );
    }

    /** @return array<string, mixed>|stdClass an object where nothing is said but that there is one */
    private static function logging(Logging $one): array|stdClass
    {
        $says = [
            ...$one->when === null ? [] : ['when' => ConditionEncoder::encode($one->when)],
            ...$one->every === Logging::EVERY ? [] : ['every' => $one->every],
        ];

        return $says === [] ? new stdClass() : $says;
    }

    /** @return array<string, mixed> */
    private static function call(Callout $one): array
    {
        return [
            'id' => $one->id,
            'name' => $one->name,
            'when' => ConditionEncoder::encode($one->when),
            ...$one->hold === 0.0 ? [] : ['hold' => $one->hold],
            ...$one->priority === Priority::Note ? [] : ['priority' => $one->priority->value],
            ...$one->repeat === 0.0 ? [] : ['repeat' => $one->repeat],
            ...$one->after === null ? [] : ['after' => ConditionEncoder::encode($one->after)],
            ...$one->plays === null ? [] : ['plays' => $one->plays->value],
            ...$one->within === null ? [] : ['within' => $one->within],
            'says' => array_map(self::token(...), $one->says),
        ];
    }

    /** @return string|array<string, mixed> */
    private static function token(PhrasePart $token): string|array
    {
        return $token->words ?? [
            'value' => $token->value,
            ...$token->places === 0 ? [] : ['places' => $token->places],
            ...$token->unit ? [] : ['unit' => false],
        ];
    }
}
