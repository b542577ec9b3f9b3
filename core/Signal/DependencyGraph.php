<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\PhaseIs;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Ring;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;

/** What must be known before each part of a program can be: the edges of its graph. */
final class DependencyGraph
{
    /** The node of the active phase. */
    public const PHASE = 'phase';

    /** The node of the ring. */
    public const RING = 'ring';

    /**
     * Every node with those it needs. Nodes: `phase`, `ring`, `condition:id`, `function:id`, `output:channel`.
     *
     * @return array<string, list<string>>
     */
    public static function of(Program $program): array
    {
        $needs = [self::PHASE => self::conditions(array_map(fn ($phase) => $phase->when, $program->phases))];
        foreach ($program->conditions as $id => $condition) {
            $needs["condition:{$id}"] = self::condition($condition);
        }
        foreach ($program->functions as $function) {
            $needs["function:{$function->id()}"] = self::function($function, $program->phases[0]->id);
        }
        foreach ($program->outputs as $output) {
            $needs["output:{$output->channel}"] = self::output($output);
        }

        return $program->ring === null ? $needs : self::ringed($needs, $program->ring);
    }

    /**
     * Whoever takes a function of the ring takes it after the ring has held it.
     *
     * @param  array<string, list<string>>  $needs
     * @return array<string, list<string>>
     */
    private static function ringed(array $needs, Ring $ring): array
    {
        $of = array_map(fn (string $id): string => "function:{$id}", $ring->of);
        foreach ($needs as $node => $needed) {
            if (array_intersect($needed, $of) !== []) {
                $needs[$node][] = self::RING;
            }
        }

        return [...$needs, self::RING => $of];
    }

    /** @return list<string> */
    private static function function(PilotFunction $function, string $base): array
    {
        $needs = self::conditions($function->conditions());
        $asksPhase =
            $function instanceof ProportionalFunction &&
            (array_diff_key($function->shapes, [$base => true]) !== [] || $function->trim?->perPhase === true);

        return $asksPhase ? [...$needs, self::PHASE] : $needs;
    }

    /** @return list<string> */
    private static function output(Output $output): array
    {
        $needs = self::conditions(array_map(fn (Feed $feed) => $feed->when, $output->feeds));
        foreach ($output->feeds as $feed) {
            if ($feed->source instanceof FunctionSource) {
                $needs[] = "function:{$feed->source->function}";
            } elseif ($feed->source instanceof OutputSource) {
                $needs[] = "output:{$feed->source->channel}";
            }
        }

        return $needs;
    }

    /**
     * @param  list<Condition|null>  $conditions
     * @return list<string>
     */
    private static function conditions(array $conditions): array
    {
        $needs = [];
        foreach ($conditions as $condition) {
            if ($condition !== null) {
                array_push($needs, ...self::condition($condition));
            }
        }

        return $needs;
    }

    /** @return list<string> */
    private static function condition(Condition $condition): array
    {
        return match (true) {
            $condition instanceof Named => ["condition:{$condition->name}"],
            $condition instanceof FunctionLevel, $condition instanceof StepIs => ["function:{$condition->function}"],
            $condition instanceof PhaseIs => [self::PHASE],
            default => self::conditions($condition->parts()),
        };
    }
}
