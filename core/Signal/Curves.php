<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Curve\Answer;
use DuskSwitch\Core\Signal\Curve\Smooth;
use DuskSwitch\Core\Signal\Curve\Straight;

/** A program's curves, ready to answer, by their place. */
final readonly class Curves
{
    /** @var array<string, int> */
    private array $places;

    /** @var list<Answer> */
    public array $answers;

    public function __construct(Program $program, private Faults $faults)
    {
        $this->places = array_flip(array_keys($program->curves));
        $this->answers = array_values(
            array_map(
                fn ($curve): Answer => $curve->smooth ? new Smooth($curve) : new Straight($curve),
                $program->curves,
            ),
        );
    }

    /** The place of the curve of that id; null where none is wanted, or after noting a fault at $path. */
    public function place(?string $id, string $path): ?int
    {
        if ($id === null || isset($this->places[$id])) {
            return $this->places[$id ?? ''] ?? null;
        }
        $there = $this->places === [] ? 'there are none yet' : 'there is '.implode(', ', array_keys($this->places));
        $this->faults->add($path, "there is no curve \"{$id}\"; {$there}");

        return null;
    }
}
