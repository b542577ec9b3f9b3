<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\Program;

/** Writes a program as its document; what has its default is left out where the schema says so. */
final class ProgramEncoder
{
    /** The canonical text: decoding it and encoding it again gives the same bytes. */
    public static function encode(Program $program): string
    {
        $optional = array_filter(
            [
                'receiver' => $program->receiver,
                'controller' => $program->controller,
                'notes' => $program->notes,
            ],
            fn (?string $text): bool => $text !== null && $text !== '',
        );
        $tables = array_filter([
            'curves' => array_map(self::curve(...), $program->curves),
            'conditions' => array_map(
                fn (Condition $condition) => ConditionEncoder::encode($condition),
                $program->conditions,
            ),
        ]);

        return CanonicalText::of([
            'format' => ProgramDecoder::FORMAT,
            'version' => ProgramDecoder::VERSION,
            'name' => $program->name,
            'family' => $program->family->value,
            'stickMode' => $program->stickMode->value,
            'transmitter' => $program->transmitter,
            ...$optional,
            'phases' => array_map(self::phase(...), $program->phases),
            'functions' => array_map(FunctionEncoder::encode(...), $program->functions),
            'outputs' => array_map(OutputEncoder::encode(...), $program->outputs),
            ...$tables,
            ...ExtrasEncoder::encode($program),
            ...$program->aboard->isEmpty() ? [] : ['aboard' => AboardEncoder::encode($program->aboard)],
            ...$program->sense->isEmpty() ? [] : ['sense' => TelemetryPlanEncoder::encode($program->sense)],
        ]);
    }

    /** @return array<string, mixed> */
    private static function phase(Phase $phase): array
    {
        return [
            'id' => $phase->id,
            'name' => $phase->name,
            ...$phase->when === null ? [] : ['when' => ConditionEncoder::encode($phase->when)],
            ...$phase->fade === 0.0 ? [] : ['fade' => $phase->fade],
        ];
    }

    /** @return array<string, mixed> */
    private static function curve(Curve $curve): array
    {
        return ['points' => $curve->points, ...$curve->smooth ? ['smooth' => true] : []];
    }
}
