<?php

namespace DuskSwitch\Core\Log;

/** Lines of a recording that couldn't be taken, counted; the first of them are kept with what is wrong. */
final class BadLines
{
    /** So many are listed; a longer list helps nobody. */
    private const KEPT = 200;

    /** @var list<array{int, string}> line and why */
    private array $kept = [];

    private int $count = 0;

    /** Notes that a line is wrong. */
    public function add(int $line, string $why): void
    {
        $this->count++;
        if (count($this->kept) < self::KEPT) {
            $this->kept[] = [$line, $why];
        }
    }

    /** How many there are. */
    public function count(): int
    {
        return $this->count;
    }

    /** @return list<array{int, string}> line and why, by line */
    public function listed(): array
    {
        $listed = $this->kept;
        usort($listed, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $listed;
    }
}
