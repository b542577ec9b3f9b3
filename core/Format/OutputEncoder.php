<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Program\Combine;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ConstantSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Program\Source\Source;
use DuskSwitch\Core\Units\Range;
use LogicException;

/** Writes an output and its feeds. */
final class OutputEncoder
{
    /** @return array<string, mixed> */
    public static function encode(Output $output): array
    {
        return [
            'channel' => $output->channel,
            'name' => $output->name,
            ...$output->role === null ? [] : ['role' => $output->role->value],
            'feeds' => array_map(self::feed(...), $output->feeds),
            'travel' => [$output->travel->low, $output->travel->high],
            'reverse' => $output->reverse,
            'subtrim' => $output->subtrim,
            'limit' => [$output->limit->low, $output->limit->high],
        ];
    }

    /** @return array<string, mixed> */
    private static function feed(Feed $feed): array
    {
        return [
            'from' => self::source($feed->source),
            'weight' => $feed->weight->isEven() ? $feed->weight->high : self::pair($feed->weight),
            ...$feed->offset === 0.0 ? [] : ['offset' => $feed->offset],
            ...$feed->curve === null ? [] : ['curve' => $feed->curve],
            ...$feed->when === null ? [] : ['when' => ConditionEncoder::encode($feed->when)],
            ...$feed->combine === Combine::Add ? [] : ['combine' => $feed->combine->value],
            ...$feed->delay === 0.0 ? [] : ['delay' => $feed->delay],
            ...$feed->slow === null ? [] : ['slow' => self::pair($feed->slow)],
        ];
    }

    /** @return array{float, float} */
    private static function pair(Range $range): array
    {
        return [$range->low, $range->high];
    }

    /** @return string|int|array<string, string|int> */
    private static function source(Source $source): string|int|array
    {
        return match (true) {
            $source instanceof FunctionSource => $source->function,
            $source instanceof ControlSource => ['control' => $source->control],
            $source instanceof AxisSource => ['axis' => $source->axis->value],
            $source instanceof OutputSource => ['output' => $source->channel],
            $source instanceof ConstantSource => 1,
            default => throw new LogicException('No text for '.$source::class),
        };
    }
}
