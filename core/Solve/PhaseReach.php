<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Signal\Budget;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Space\Model;
use DuskSwitch\Core\Space\Outcome;
use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Search;
use DuskSwitch\Core\Space\Truth;

/** Finds phases that nothing chooses, and those that are never left. */
final class PhaseReach
{
    /** @var array<int, Outcome> whether a phase can be active, by its place */
    private array $outcomes = [];

    private function __construct(private readonly Circuit $circuit) {}

    /**
     * A sentence for each phase that can never be active.
     *
     * @return array<string, string> by the phase's id
     */
    public static function notes(Circuit $circuit): array
    {
        return count($circuit->program->phases) < 2 ? [] : (new self($circuit))->never();
    }

    /**
     * The phases of which it couldn't be decided whether they can be active, with the reason.
     *
     * @return array<string, string> by the phase's id
     */
    public static function open(Circuit $circuit): array
    {
        $reach = new self($circuit);
        $open = [];
        foreach (count($circuit->program->phases) < 2 ? [] : $circuit->program->phases as $place => $phase) {
            $why = $reach->active($place)->open;
            if ($why !== null) {
                $open[$phase->id] = $why;
            }
        }

        return $open;
    }

    /** @return array<string, string> */
    private function never(): array
    {
        $program = $this->circuit->program;
        $words = new ConditionWords($program, $this->circuit->panel->transmitter);
        $notes = [];
        foreach ($program->phases as $place => $phase) {
            if (! $this->active($place)->isNowhere()) {
                continue;
            }
            if ($phase->when === null) {
                $notes[
                    $phase->id
                ] = "{$phase->name} can never be active: one of the others always is. Cure: leave a position of the ".
                    'switch free for it';

                continue;
            }
            $before = array_filter(
                array_slice($program->phases, 1, $place - 1, true),
                fn (Phase $one, int $at): bool => ! $this->active($at)->isNowhere(),
                ARRAY_FILTER_USE_BOTH,
            );
            $cure =
                $before === []
                    ? 'choose a position that no other phase takes'
                    : 'move it before '.
                        implode(' or ', array_column($before, 'name')).
                        ', or choose another position';
            $notes[$phase->id] =
                "{$phase->name} can never be active: where {$words->say($phase->when)}, ".
                ($before === [] ? 'nothing ever is' : 'a phase before it is active').
                ". Cure: {$cure}";
        }

        return $notes;
    }

    private function active(int $place): Outcome
    {
        if (isset($this->outcomes[$place])) {
            return $this->outcomes[$place];
        }
        $model = new Model($this->circuit);

        return $this->outcomes[$place] = (new Search($model, new Budget(), 1.0))->answer(
            new Question($model->everything(), function (array $seen) use ($place): int {
                return Truth::among($seen[0]->phases(), $place);
            }),
        );
    }
}
