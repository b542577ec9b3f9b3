<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\Place;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;

/** A learner's planned steps: expo comes down and rates go up, on purpose, over weeks. */
#[Says("a learner's planned steps, from the gentlest: expo never rises, rates never fall, dates never go back", name: 'ladder')]
final readonly class TrainingPlan implements Checked
{
    use WithFields;

    /**
     * @param  non-empty-list<TrainingStage>  $rungs  from the gentlest
     * @param  string  $phase  the phase whose shapes it sets
     * @param  string|null  $style  a switched function whose step at rest the rungs choose
     * @param  int|null  $at  the rung that the program stands on, from 0; null before the first
     */
    public function __construct(
        #[ListOf(TrainingStage::class, most: 12, least: 1), Field(after: 'at')]
        public array $rungs,
        #[Id(Names::Phase), Field(says: 'whose shapes of roll, pitch and yaw it sets')]
        public string $phase,
        #[Id(Names::Function), Field(says: 'a switched function whose step at rest the rungs choose')]
        public ?string $style = null,
        #[Place('rungs', most: 12), Field(says: 'the rung that the program stands on, from 0')]
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

    /** A plan goes from gentle to lively, and forward in time. */
    public function check(JsonCursor $node): static
    {
        $date = null;
        $rungs = $node->at('rungs')?->each() ?? [];
        foreach ($this->rungs as $index => $rung) {
            $before = $this->rungs[$index - 1] ?? null;
            if ($before !== null && $rung->expo > $before->expo) {
                $rungs[$index]->faultAt(
                    'expo',
                    "“{$rung->name}” has more expo than “{$before->name}” before it; a plan goes from gentle to ".
                        'lively, so put them in order',
                );
            }
            if ($before !== null && $rung->rate < $before->rate) {
                $rungs[$index]->faultAt(
                    'rate',
                    "“{$rung->name}” has a lower rate than “{$before->name}” before it; a plan goes from gentle to ".
                        'lively, so put them in order',
                );
            }
            if ($rung->date !== null && $date !== null && $rung->date < $date) {
                $rungs[$index]->faultAt(
                    'date',
                    "“{$rung->name}” is planned for {$rung->date}, before the step that it follows ({$date})",
                );
            }
            $date = $rung->date ?? $date;
        }

        return $this;
    }
}
