<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Fault\Refused;

/** Puts the nodes of a graph in an order in which each comes after all that it needs. */
final class TopologicalOrder
{
    /** @var array<string, int> by node: its place on the way down, −1 once it is done */
    private array $seen = [];

    /** @var list<string> */
    private array $done = [];

    /** @var list<string> */
    private array $way = [];

    /** @param  array<string, list<string>>  $needs */
    private function __construct(private readonly array $needs) {}

    /**
     * The order, without the named conditions that nothing uses.
     *
     * @param  array<string, list<string>>  $needs  every node with those that it needs
     * @param  callable(string): string  $inWords  what a pilot calls a node
     * @param  callable(string): string  $path  where a node stands in the document
     * @return list<string>
     *
     * @throws Refused for a cycle, spelled out
     */
    public static function of(array $needs, callable $inWords, callable $path): array
    {
        $order = new self($needs);
        $isCondition = fn (string $node): bool => str_starts_with($node, 'condition:');
        foreach (array_keys($needs) as $node) {
            if (! $isCondition($node)) {
                $order->visit($node, $inWords, $path);
            }
        }
        $used = $order->done;
        foreach (array_filter(array_keys($needs), $isCondition) as $node) {
            $order->visit($node, $inWords, $path);
        }

        return $used;
    }

    /**
     * @param  callable(string): string  $inWords
     * @param  callable(string): string  $path
     */
    private function visit(string $node, callable $inWords, callable $path): void
    {
        $place = $this->seen[$node] ?? null;
        if ($place === -1) {
            return;
        }
        if ($place !== null) {
            $cycle = array_map($inWords, [...array_slice($this->way, $place), $node]);
            $first = array_shift($cycle);
            throw Refused::because(
                $path($node),
                "this goes in a circle: {$first} needs ".implode(', which needs ', $cycle),
            );
        }
        $this->seen[$node] = count($this->way);
        $this->way[] = $node;
        foreach ($this->needs[$node] as $needed) {
            $this->visit($needed, $inWords, $path);
        }
        array_pop($this->way);
        $this->seen[$node] = -1;
        $this->done[] = $node;
    }
}
