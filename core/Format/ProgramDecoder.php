<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Airframe\DerivedMeanings;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\StickMode;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\ConditionUsages;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Installation;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\TelemetryPlan;

/** Reads a program document (format `dusk-switch/program`, version 2, or 1, which is brought up to it). */
final class ProgramDecoder
{
    public const FORMAT = 'dusk-switch/program';

    public const VERSION = 2;

    private const OPTIONAL = [
        'stickMode',
        'receiver',
        'controller',
        'notes',
        'phases',
        'functions',
        'outputs',
        'curves',
        'conditions',
        'recipe',
        'ring',
        'ladder',
        'aboard',
        'sense',
        'trainer',
    ];

    /** Conditions of a whole program, those inside others counted. A full aircraft has below a hundred. */
    public const MOST_CONDITIONS = 4000;

    /**
     * The program in a text.
     *
     * @throws Refused with the path of everything that is wrong
     */
    public static function decode(string $text): Program
    {
        return self::read(Json::decode($text));
    }

    /**
     * The program in a value that {@see Json} decoded.
     *
     * @throws Refused with the path of everything that is wrong
     */
    public static function read(mixed $document): Program
    {
        $faults = new Faults();
        $node = new JsonCursor($document, '', $faults);
        $version = Header::check($node, self::FORMAT, self::VERSION);
        $node->keys(
            ['format', 'version', 'name', 'family', 'transmitter'],
            self::OPTIONAL,
        );
        $program = new Program(
            name: $node->need('name')->text(),
            family: $node->need('family')->choice(Family::class),
            stickMode: $node->at('stickMode')?->choice(StickMode::class) ?? StickMode::Two,
            transmitter: $node->need('transmitter')->id(),
            receiver: $node->at('receiver')?->id(),
            controller: $node->at('controller')?->id(),
            notes: $node->at('notes')?->text(4000, true) ?? '',
            phases: self::phases($node->at('phases')),
            functions: self::functions($node->at('functions')),
            outputs: self::outputs($node->at('outputs')),
            curves: self::curves($node->at('curves')),
            conditions: self::conditions($node->at('conditions')),
            recipe: self::extra($node->at('recipe'), ExtrasDecoder::recipe(...)),
            ring: self::extra($node->at('ring'), ExtrasDecoder::ring(...)),
            ladder: self::extra($node->at('ladder'), ExtrasDecoder::ladder(...)),
            aboard: self::extra(
                $node->at('aboard'),
                $version === 1 ? FromVersion1::aboard(...) : AboardDecoder::read(...),
            ) ?? new Installation(),
            sense: self::extra($node->at('sense'), TelemetryPlanDecoder::read(...)) ?? new TelemetryPlan(),
            trainer: self::extra($node->at('trainer'), TrainerFormat::read(...)),
        );
        if ($version === 1 && $faults->none()) {
            FromVersion1::refuseNewKeys($node);
        }
        $faults->refuseAny();
        $conditions = ConditionUsages::count($program);
        if ($conditions > self::MOST_CONDITIONS) {
            throw Refused::because(
                '',
                "there are {$conditions} conditions in this program, those inside others counted; at most ".
                    self::MOST_CONDITIONS.
                    ' can be checked. Give those that come again a name under "conditions" and ask for that',
            );
        }

        return $version === 1 ? DerivedMeanings::of($program) : $program;
    }

    /**
     * @template T
     *
     * @param  callable(JsonCursor): T  $decode
     * @return T|null
     */
    private static function extra(?JsonCursor $node, callable $decode): mixed
    {
        return $node === null ? null : $decode($node);
    }

    /** @return non-empty-list<Phase> */
    private static function phases(?JsonCursor $list): array
    {
        $phases = [];
        $ids = new UniqueIds('a phase');
        foreach ($list?->items(Program::MOST_PHASES, 1) ?? [] as $index => $node) {
            $node->keys(['id', 'name'], ['when', 'fade']);
            $when = $node->at('when');
            if ($index === 0 && $when !== null) {
                $when->fault('the first phase is the base: it is active where no other is, so it has no condition');
            } elseif ($index > 0 && $when === null) {
                $node->fault('say when this phase is active; only the first phase has no condition');
            }
            $phases[] = new Phase(
                id: $ids->id($node),
                name: $node->need('name')->text(),
                when: $when === null ? null : ConditionDecoder::decode($when),
                fade: $node->at('fade')?->number(0, 60) ?? 0.0,
            );
        }

        return $phases === [] ? [new Phase(id: 'main', name: 'Main')] : $phases;
    }

    /** @return list<PilotFunction> */
    private static function functions(?JsonCursor $list): array
    {
        $functions = [];
        $ids = new UniqueIds('a function');
        foreach ($list?->items(64) ?? [] as $node) {
            $function = FunctionDecoder::decode($node);
            $ids->check($node, 'id', $function->id());
            $functions[] = $function;
        }

        return $functions;
    }

    /** @return list<Output> */
    private static function outputs(?JsonCursor $list): array
    {
        $outputs = [];
        $channels = new UniqueIds('an output on channel');
        foreach ($list?->items(32) ?? [] as $node) {
            $output = OutputDecoder::decode($node);
            $channels->check($node, 'channel', $output->channel);
            $outputs[] = $output;
        }

        return $outputs;
    }

    /** @return array<string, Curve> */
    private static function curves(?JsonCursor $object): array
    {
        $curves = [];
        foreach ($object?->entries(64) ?? [] as $id => $node) {
            $curves[$id] = CurveDecoder::decode($id, $node);
        }

        return $curves;
    }

    /** @return array<string, Condition> */
    private static function conditions(?JsonCursor $object): array
    {
        return array_map(ConditionDecoder::decode(...), $object?->entries(64) ?? []);
    }
}
