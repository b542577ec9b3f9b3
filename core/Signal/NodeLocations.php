<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Program\Program;

/** What a pilot calls the nodes of a program, and where they stand in its document. */
final readonly class NodeLocations
{
    /** @var array<string, array{string, string}> words and path by node */
    private array $nodes;

    public function __construct(Program $program)
    {
        $nodes = [
            DependencyGraph::PHASE => ['the active phase', 'phases'],
            DependencyGraph::RING => ['the ring', 'ring'],
        ];
        foreach (array_keys($program->conditions) as $id) {
            $nodes["condition:{$id}"] = ["condition \"{$id}\"", "conditions.{$id}"];
        }
        foreach ($program->functions as $index => $function) {
            $nodes["function:{$function->id()}"] = ["function \"{$function->name()}\"", "functions[{$index}]"];
        }
        foreach ($program->outputs as $index => $output) {
            $nodes["output:{$output->channel}"] = ["output {$output->channel}", "outputs[{$index}]"];
        }
        $this->nodes = $nodes;
    }

    /** What a pilot calls a node. */
    public function inWords(string $node): string
    {
        return $this->nodes[$node][0];
    }

    /** Where a node stands. */
    public function path(string $node): string
    {
        return $this->nodes[$node][1];
    }
}
