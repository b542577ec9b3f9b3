<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Fault\Faults;

/** A learner's planned steps: expo comes down and rates go up, on purpose, over weeks. */
final readonly class TrainingPlan implements Part
{
    use WithFields;

    /**
     * @param  non-empty-list<TrainingStage>  $rungs  from the gentlest
     * @param  string  $phase  the phase whose shapes it sets
     * @param  string|null  $style  a switched function whose step at rest the rungs choose
     * @param  int|null  $at  the rung that the program stands on, from 0; null before the first
     */
    public function __construct(
        public array $rungs,
        public string $phase,
        public ?string $style = null,
        public ?int $at = null,
    ) {}

    /**
     * Steps to begin with: expo 50 %, 40 %, 30 %, 20 % as a learner grows (common practice); the rates are from memory.
     *
     * @return non-empty-list<TrainingStage>
     */
    public static function usual(): array
    {
        return [
            new TrainingStage(
                name: 'First hovers',
                expo: 0.5,
                rate: 0.6,
                note: 'Low, from a distance, never over or near people.',
            ),
            new TrainingStage(name: 'Circuits', expo: 0.4, rate: 0.75),
            new TrainingStage(name: 'Figure eights', expo: 0.3, rate: 0.9),
            new TrainingStage(name: 'All of it', expo: 0.2, rate: 1.0),
        ];
    }

    /** Notes what is out of order: a plan goes from gentle to lively, and forward in time. */
    public function check(string $path, Faults $faults): void
    {
        $date = null;
        foreach ($this->rungs as $index => $rung) {
            $before = $this->rungs[$index - 1] ?? null;
            if ($before !== null && $rung->expo > $before->expo) {
                $faults->add(
                    "{$path}.rungs[{$index}].expo",
                    "“{$rung->name}” has more expo than “{$before->name}” before it; a plan goes from gentle to ".
                        'lively, so put them in order',
                );
            }
            if ($before !== null && $rung->rate < $before->rate) {
                $faults->add(
                    "{$path}.rungs[{$index}].rate",
                    "“{$rung->name}” has a lower rate than “{$before->name}” before it; a plan goes from gentle to ".
                        'lively, so put them in order',
                );
            }
            if ($rung->date !== null && $date !== null && $rung->date < $date) {
                $faults->add(
                    "{$path}.rungs[{$index}].date",
                    "“{$rung->name}” is planned for {$rung->date}, before the step that it follows ({$date})",
                );
            }
            $date = $rung->date ?? $date;
        }
    }
}
