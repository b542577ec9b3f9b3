<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\UniqueIds;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Rehearsal\FlightModel;
use DuskSwitch\Core\Rehearsal\Heights;
use DuskSwitch\Core\Rehearsal\Leg;
use DuskSwitch\Core\Rehearsal\Scenario;
use DuskSwitch\Core\Rehearsal\SteeringTarget;

/** Reads the script of a flight (format `dusk-switch/scenario`, version 1); one that goes underground is refused. */
final class ScenarioDecoder
{
    public const FORMAT = 'dusk-switch/scenario';

    /** Seconds that a script may take. */
    public const LONGEST = 3600.0;

    /** The script that stands at a node; faults are noted with the node. */
    public static function read(JsonCursor $node): Scenario
    {
        $node->keys(['format', 'version', 'id', 'name', 'says', 'families', 'legs']);
        $families = array_map(
            fn (JsonCursor $item): Family => $item->choice(Family::class),
            $node->need('families')->items(7, 1),
        );
        $items = $node->need('legs')->items(120, 1);
        $legs = array_map(self::leg(...), $items);
        $scenario = new Scenario(
            $node->need('id')->id(),
            $node->need('name')->text(),
            $node->need('says')->text(200),
            $families === [] ? [Family::Plane] : $families,
            $legs === [] ? [new Leg('', 1)] : $legs,
        );
        if ($scenario->seconds() > self::LONGEST) {
            $node
                ->at('legs')
                ?->fault(
                    'take '.
                        round($scenario->seconds()).
                        ' s in all; at most '.
                        self::LONGEST.
                        ' s can be rehearsed',
                );
        }
        foreach ($scenario->families as $family) {
            if (self::hasBadHeights($family, $node, $items, $legs)) {
                // The next family would only say it again.
                break;
            }
        }

        return $scenario;
    }

    private static function leg(JsonCursor $node): Leg
    {
        $node->keys(
            ['says', 'seconds'],
            ['speed', 'climb', 'until', 'turn', 'towards', 'glides', 'lift', 'does', 'milliwatts'],
        );
        $towards = $node->at('towards');
        if ($towards !== null && $node->has('turn')) {
            $towards->fault('it can\'t be steered both towards something and in a turn; take one of the two away');
        }

        return new Leg(
            $node->need('says')->text(),
            $node->need('seconds')->number(0.2, self::LONGEST),
            $node->at('speed')?->number(0, 80) ?? 0.0,
            $node->at('climb')?->number(-30, 30) ?? 0.0,
            $node->at('turn')?->number(-120, 120) ?? 0.0,
            $towards?->choice(SteeringTarget::class),
            ! ($node->at('glides')?->flag() ?? false),
            $node->at('lift')?->number(-10, 10) ?? 0.0,
            self::does($node->at('does'), 'function', 'step'),
            $node->at('until')?->number(0, 2000),
            $node->at('milliwatts')?->number(0.1, 5000),
            self::does($node->at('does'), 'control', 'at'),
        );
    }

    /**
     * What is done with functions, or with controls; what is done with the others is passed over.
     *
     * @param  string  $with  "function" or "control"
     * @param  string  $where  what says where that goes: a "step", or "at" a detent
     * @return array<string, string|float>
     */
    private static function does(?JsonCursor $node, string $with, string $where): array
    {
        $does = [];
        $once = new UniqueIds('something that it does with');
        foreach ($node?->items(12) ?? [] as $item) {
            if ($item->has('control') !== ($with === 'control')) {
                continue;
            }
            $item->keys([$with], [$where, 'value']);
            $name = $item->need($with)->id();
            $once->check($item, $with, $name);
            if ($item->has($where) === $item->has('value')) {
                $item->fault(
                    $with === 'control'
                        ? 'needs either "at", for a switch or a button, or a "value" from -1 to 1'
                        : 'needs either a "step", for a function that has steps, or a "value" from -1 to 1',
                );
            }
            $does[$name] = $item->at($where)?->id() ?? ($item->at('value')?->number(-1, 1) ?? 0.0);
        }

        return $does;
    }

    /**
     * What drives can't climb, and has to move.
     *
     * @param  list<JsonCursor>  $items
     * @param  list<Leg>  $legs
     * @return bool true where something is wrong
     */
    private static function staysOnTheGround(JsonCursor $node, array $items, array $legs): bool
    {
        $wrong = false;
        foreach ($legs as $index => $leg) {
            if ($leg->climb !== 0.0 || $leg->lift !== 0.0) {
                $items[$index]->fault(
                    'a ground vehicle can\'t climb; take "climb" and "lift" away, or take ground-vehicle out of '.
                        '"families"',
                );
                $wrong = true;
            }
        }
        if (max(array_map(fn (Leg $leg): float => $leg->speed, $legs) ?: [0.0]) === 0.0) {
            $node->at('legs')?->fault('never move: give one of them a "speed" in m/s');
            $wrong = true;
        }

        return $wrong;
    }

    /**
     * @param  list<JsonCursor>  $items
     * @param  list<Leg>  $legs
     */
    private static function hasBadHeights(Family $family, JsonCursor $node, array $items, array $legs): bool
    {
        $model = FlightModel::of($family);
        if ($model->drives) {
            return self::staysOnTheGround($node, $items, $legs);
        }
        $heights = Heights::of($legs, $model);
        if ($heights->stays()) {
            $node->at('legs')?->fault('never leave the ground: give one of them a "climb" in m/s that doesn\'t glide');

            return true;
        }
        foreach ($legs as $index => $leg) {
            if ($heights->isUnderground($index, $leg)) {
                $items[$index]->fault(self::underground($family, $leg, $heights->legs[$index]));

                // What comes after it begins somewhere else once this is mended.
                return true;
            }
        }

        return false;
    }

    /** @param  array{begins: float, ends: float, meets: float|null, sinks: float}  $heights */
    private static function underground(Family $family, Leg $leg, array $heights): string
    {
        [$begins, $below, $sinks] = [
            round($heights['begins'], 1),
            round(-$heights['ends'], 1),
            round($heights['sinks'], 2),
        ];
        $meets = floor(10 * ($heights['meets'] ?? 0.0)) / 10;
        $stop = $leg->motor ? ', let it level off with "until"' : '';

        return "goes {$below} m below the ground: a ".
            strtolower($family->title()).
            " begins it at {$begins} m, sinks {$sinks} m/s and meets the ground after {$meets} s of {$leg->seconds}. Let it land with \"until\": 0{$stop}, end it before, or climb higher before";
    }
}
