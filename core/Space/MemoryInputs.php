<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\Latch;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Condition\Toggle;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\ConditionUsages;
use DuskSwitch\Core\Program\Program;
use WeakMap;

/**
 * What a program remembers, and what its sensors say, as inputs beside those of the panel: a bit for each toggle and
 * latch, a value for each sensor, whether it is known, and a bit for each level that has a hysteresis.
 */
final class MemoryInputs
{
    /** As far as any measure in a document goes. */
    public const FARTHEST = 1e6;

    /** @var array<string, int> input by what remembers, as {@see self::key()} names it */
    private array $inputs = [];

    /** @var array<int, Condition> the condition that remembers, by input of a bit */
    public array $bits = [];

    /** @var array<string, int> input of the value, by sensor */
    public array $sensors = [];

    /** @var array<string, int> input that is 1 while the value is known, by sensor */
    public array $known = [];

    /** @var WeakMap<Condition, int|null> what was looked up before: naming a condition takes long */
    private WeakMap $asked;

    private int $next;

    /** @param  int  $first  the first free input */
    public function __construct(Program $program, int $first)
    {
        $this->next = $first;
        $this->asked = new WeakMap();
        ConditionUsages::of($program, function (Condition $one): bool {
            $this->take($one);

            return false;
        });
    }

    /** The input of a bit; null where a condition remembers nothing. */
    public function bit(Condition $condition): ?int
    {
        return $this->asked[$condition] ??= $this->inputs[self::key($condition)] ?? null;
    }

    /**
     * The bits, each either way, and sensors anywhere, known or not; begun means that no toggle and no latch was ever
     * touched.
     */
    public function region(Region $hand, bool $begun = true): Region
    {
        $points = $hand->points;
        $spans = $hand->spans;
        foreach ($this->bits as $input => $condition) {
            $points[$input] = $begun || $condition instanceof SensorLevel ? [0.0, 1.0] : [0.0];
        }
        foreach ($this->sensors as $sensor => $input) {
            $spans[$input] = [-self::FARTHEST, self::FARTHEST];
            $points[$this->known[$sensor]] = [0.0, 1.0];
        }

        return new Region($points, $spans);
    }

    /** True where nothing is remembered or sensed: then a settled frame tells everything. */
    public function isEmpty(): bool
    {
        return $this->bits === [] && $this->sensors === [];
    }

    private function take(Condition $one): void
    {
        foreach (ConditionTree::all($one) as $part) {
            if ($part instanceof SensorLevel && ! isset($this->sensors[$part->sensor])) {
                $this->sensors[$part->sensor] = $this->next++;
                $this->known[$part->sensor] = $this->next++;
            }
            $remembers = $part instanceof Toggle || $part instanceof Latch || $part instanceof SensorLevel;
            $key = $remembers ? self::key($part) : '';
            if ($remembers && ! isset($this->inputs[$key])) {
                $this->inputs[$key] = $this->next;
                $this->bits[$this->next++] = $part;
            }
        }
    }

    private static function key(Condition $condition): string
    {
        return serialize($condition);
    }
}
