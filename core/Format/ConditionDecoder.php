<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Program\Condition\All;
use DuskSwitch\Core\Program\Condition\Any;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\Held;
use DuskSwitch\Core\Program\Condition\Latch;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\Not;
use DuskSwitch\Core\Program\Condition\PhaseIs;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Condition\Taps;
use DuskSwitch\Core\Program\Condition\Toggle;

/** Reads a condition: the name of one, or one written out. */
final class ConditionDecoder
{
    private const FORMS = 'control with at, above or below; function with above or below; sensor with above or '.
        'below; step; phase; all; any; not; held; latch; toggle; taps';

    /** How deep conditions may stand in one another; inside a named one the count starts again. */
    public const DEEPEST = 12;

    /** The condition that stands at a node, which stands in so many others. */
    public static function decode(JsonCursor $node, int $depth = 0): Condition
    {
        if ($depth > self::DEEPEST) {
            $node->fault(
                'conditions stand more than '.
                    self::DEEPEST.
                    ' deep in one another here; give the inner one a name under "conditions" and ask for that',
            );

            return new Named('none');
        }
        if ($node->isText()) {
            return new Named($node->id());
        }
        foreach (
            ['control', 'function', 'sensor', 'step', 'phase', 'all', 'any', 'not', 'held', 'latch', 'toggle', 'taps'] as $key
        ) {
            $inside = $node->at($key);
            if ($inside !== null) {
                return match ($key) {
                    'control' => self::control($node, $inside),
                    'function' => self::functionLevel($node, $inside),
                    'sensor' => self::sensor($node, $inside),
                    'step' => self::step($node, $inside),
                    'phase' => self::phase($node, $inside),
                    'all' => self::alone($node, $key, new All(self::each($inside, $depth + 1))),
                    'any' => self::alone($node, $key, new Any(self::each($inside, $depth + 1))),
                    'not' => self::alone($node, $key, new Not(self::decode($inside, $depth + 1))),
                    'toggle' => self::alone($node, $key, new Toggle(self::decode($inside, $depth + 1))),
                    'held' => self::held($node, $inside, $depth + 1),
                    'latch' => self::latch($node, $inside, $depth + 1),
                    'taps' => self::taps($node, $inside, $depth + 1),
                };
            }
        }
        $node->fault('must be the name of a condition, or an object with one of: '.self::FORMS);

        return new Named('none');
    }

    private static function control(JsonCursor $node, JsonCursor $control): Condition
    {
        $at = $node->at('at');
        if ($at !== null) {
            $node->keys(['control', 'at']);

            return new ControlAt($control->id(), $at->text());
        }
        [$above, $level] = self::level($node, 'control');

        return new ControlLevel($control->id(), $above, $level);
    }

    private static function functionLevel(JsonCursor $node, JsonCursor $function): Condition
    {
        [$above, $level] = self::level($node, 'function');

        return new FunctionLevel($function->id(), $above, $level);
    }

    private static function sensor(JsonCursor $node, JsonCursor $sensor): Condition
    {
        $way = $node->has('above') ? 'above' : 'below';
        $node->keys(['sensor', $way], ['hysteresis']);

        return new SensorLevel(
            $sensor->id(),
            $way === 'above',
            $node->at($way)?->number(-1e6, 1e6) ?? 0.0,
            $node->at('hysteresis')?->number(0, 1e6) ?? 0.0,
        );
    }

    /** @return array{bool, float} above or not, and the level */
    private static function level(JsonCursor $node, string $of): array
    {
        if ($node->has('above')) {
            $node->keys([$of, 'above']);
        } else {
            $node->keys([$of, 'below']);
        }
        $level = $node->at('above') ?? $node->at('below');

        return [$node->has('above'), $level?->number(-1.5, 1.5) ?? 0.0];
    }

    private static function step(JsonCursor $node, JsonCursor $pair): Condition
    {
        $node->keys(['step']);
        $items = $pair->items(2, 2);
        if (count($items) !== 2) {
            $pair->fault('must be [function, step]');

            return new Named('none');
        }

        return new StepIs($items[0]->id(), $items[1]->id());
    }

    private static function phase(JsonCursor $node, JsonCursor $phase): Condition
    {
        return self::alone($node, 'phase', new PhaseIs($phase->id()));
    }

    private static function held(JsonCursor $node, JsonCursor $of, int $depth): Condition
    {
        $node->keys(['held', 'seconds']);

        return new Held(self::decode($of, $depth), $node->need('seconds')->number(0, 60));
    }

    private static function latch(JsonCursor $node, JsonCursor $inside, int $depth): Condition
    {
        $node->keys(['latch']);
        $inside->keys(['set', 'reset']);
        [$set, $reset] = [$inside->at('set'), $inside->at('reset')];

        return $set === null || $reset === null
            ? new Named('none')
            : new Latch(self::decode($set, $depth), self::decode($reset, $depth));
    }

    private static function taps(JsonCursor $node, JsonCursor $of, int $depth): Condition
    {
        $node->keys(['taps', 'count', 'within']);

        return new Taps(
            self::decode($of, $depth),
            $node->need('count')->whole(1, 2),
            $node->need('within')->number(0.1, 2),
        );
    }

    private static function alone(JsonCursor $node, string $key, Condition $condition): Condition
    {
        $node->keys([$key]);

        return $condition;
    }

    /** @return non-empty-list<Condition> */
    private static function each(JsonCursor $list, int $depth): array
    {
        $conditions = [];
        foreach ($list->items(16, 1) as $item) {
            $conditions[] = self::decode($item, $depth);
        }

        return $conditions === [] ? [new Named('none')] : $conditions;
    }
}
