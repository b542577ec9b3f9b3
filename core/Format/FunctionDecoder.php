<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Drive\DriveCase;
use DuskSwitch\Core\Program\DualRate;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Override;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\TrimRule;
use DuskSwitch\Core\Units\Range;

/** Reads a function: stepped where it has steps, else proportional. */
final class FunctionDecoder
{
    /** The function that stands at a node. */
    public static function decode(JsonCursor $node): PilotFunction
    {
        return $node->has('steps') ? self::stepped($node) : self::proportional($node);
    }

    private static function proportional(JsonCursor $node): ProportionalFunction
    {
        $node->keys(['id', 'name'], ['purpose', 'drive', 'deadband', 'trim', 'shape', 'dualRates', 'override']);
        $shapes = $overrides = [];
        foreach ($node->at('shape')?->entries(16) ?? [] as $phase => $shape) {
            $shapes[$phase] = self::shape($shape);
        }
        foreach ($node->at('override')?->items(16) ?? [] as $override) {
            $override->keys(['when', 'value']);
            $when = $override->at('when');
            if ($when !== null) {
                $overrides[] = new Override(
                    when: ConditionDecoder::decode($when),
                    value: $override->need('value')->number(-1.5, 1.5),
                );
            }
        }
        $dualRates = [];
        foreach ($node->at('dualRates')?->items(8) ?? [] as $rate) {
            $shape = self::shape($rate, ['when']);
            $when = $rate->at('when');
            if ($when !== null) {
                $dualRates[] = new DualRate(when: ConditionDecoder::decode($when), shape: $shape);
            }
        }
        $trim = $node->at('trim');

        return new ProportionalFunction(
            id: $node->need('id')->id(),
            name: $node->need('name')->text(),
            drive: self::moveDrive($node->at('drive')),
            deadband: $node->at('deadband')?->number(0, 0.5) ?? 0.0,
            shapes: $shapes,
            trim: $trim === null ? null : self::trim($trim),
            overrides: $overrides,
            purpose: $node->at('purpose')?->choice(Purpose::class),
            dualRates: $dualRates,
        );
    }

    private static function stepped(JsonCursor $node): SteppedFunction
    {
        $node->keys(['id', 'name', 'steps'], ['purpose', 'drive']);
        $steps = [];
        $ids = new UniqueIds('a step');
        foreach ($node->need('steps')->items(16, 1) as $step) {
            $step->keys(['id', 'value'], ['name', 'means']);
            $id = $ids->id($step);
            $steps[] = new Step(
                id: $id,
                name: $step->at('name')?->text() ?? ucfirst($id),
                value: $step->need('value')->number(-1.5, 1.5),
                means: self::meaning($step->at('means')),
            );
        }

        return new SteppedFunction(
            id: $node->need('id')->id(),
            name: $node->at('name')?->text() ?? '',
            drive: self::stepDrive($node->at('drive')),
            steps: $steps === [] ? [new Step(id: 'none', name: 'None', value: 0.0)] : $steps,
            purpose: $node->at('purpose')?->choice(Purpose::class),
        );
    }

    private static function meaning(?JsonCursor $node): ?Meaning
    {
        if ($node === null) {
            return null;
        }
        if ($node->isText()) {
            $word = $node->text();
            if (! in_array($word, Meaning::WORDS, true)) {
                $node->fault(
                    'must be one of '.
                        implode(', ', Meaning::WORDS).
                        ', or {"mode": …} with the id of a mode of the controller',
                );
            }

            return Meaning::word($word);
        }
        $node->keys(['mode']);

        return Meaning::mode($node->need('mode')->id());
    }

    private static function moveDrive(?JsonCursor $drive): AxisDrive|ControlDrive|null
    {
        if ($drive === null) {
            return null;
        }
        $axis = $drive->at('axis');
        if ($axis !== null) {
            $drive->keys(['axis']);

            return new AxisDrive($axis->choice(Axis::class));
        }
        if ($drive->has('map') || $drive->has('cases')) {
            $drive->fault(
                'a proportional function is driven by an axis or a control; "map" and "cases" are for a function '.
                    'with steps',
            );

            return null;
        }
        $drive->keys(['control']);

        return new ControlDrive($drive->need('control')->id());
    }

    private static function stepDrive(?JsonCursor $drive): DetentDrive|CaseDrive|null
    {
        if ($drive === null) {
            return null;
        }
        $cases = $drive->at('cases');
        if ($cases !== null) {
            $drive->keys(['cases']);

            return self::cases($cases);
        }
        $drive->keys(['control', 'map']);
        $map = [];
        foreach ($drive->at('map')?->entries(5) ?? [] as $detent => $step) {
            $map[$detent] = $step->id();
        }

        return new DetentDrive(control: $drive->need('control')->id(), map: $map);
    }

    private static function cases(JsonCursor $list): ?CaseDrive
    {
        $cases = [];
        foreach ($list->items(16, 1) as $case) {
            $case->keys(['when', 'step']);
            $when = $case->at('when');
            if ($when !== null) {
                $cases[] = new DriveCase(when: ConditionDecoder::decode($when), step: $case->need('step')->id());
            }
        }

        return $cases === [] ? null : new CaseDrive($cases);
    }

    /** @param  list<string>  $besides  keys that stand beside the shape's own */
    private static function shape(JsonCursor $node, array $besides = []): Shape
    {
        $node->keys($besides, ['rate', 'expo', 'curve']);
        if ($node->has('expo') && $node->has('curve')) {
            $node->fault('has a curve and expo; a curve takes the place of expo, so take one of them away');
        }

        return new Shape(
            rate: $node->at('rate')?->range(0, 1.5) ?? Range::both(1.0),
            expo: $node->at('expo')?->number(-1, 1) ?? 0.0,
            curve: $node->at('curve')?->id(),
        );
    }

    private static function trim(JsonCursor $node): TrimRule
    {
        $node->keys(['authority'], ['idle', 'perPhase']);

        return new TrimRule(
            authority: $node->need('authority')->number(0, 1),
            idleOnly: $node->at('idle')?->flag() ?? false,
            perPhase: $node->at('perPhase')?->flag() ?? false,
        );
    }
}
