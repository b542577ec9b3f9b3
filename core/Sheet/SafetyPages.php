<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Units\Figure;

/** What the transmitter checks at power-up, and what it does on signal loss. */
final readonly class SafetyPages
{
    public function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private ConditionWords $words,
    ) {}

    /** @return list<Section> */
    public function sections(): array
    {
        $check = $failsafe = [];
        foreach ($this->program->aboard->startCheck as $id) {
            $control = $this->transmitter->control($id);
            if ($control !== null) {
                $check[] = new Line($control->name, 'warns unless '.($control->rest ?? 'at rest'), about: $id);
            }
        }
        foreach ($this->program->aboard->failsafe as $channel => $does) {
            $output = $this->program->output($channel);
            if ($output !== null) {
                $failsafe[] = new Line("{$channel} {$output->name}", $does->says(), about: (string) $channel);
            }
        }

        return [
            new Section('The transmitter itself', 'Warnings about its own battery and about leaving it on.', $this->itself()),
            new Section(
                'Trainer link',
                'Try it on the ground, with the propellers off: the teacher must get the sticks back at once.',
                $this->trainer(),
            ),
            new Section('Start check', 'A warning at power-up where a switch is not at rest.', $check),
            new Section(
                'Failsafe',
                'On signal loss, where the transmitter or the receiver sets it. Test it with the propellers off.',
                $failsafe,
            ),
        ];
    }

    /** @return list<Line> */
    private function itself(): array
    {
        $warnings = $this->transmitter->warnings;

        return array_values(
            array_filter([
                $warnings->battery === null
                    ? null
                    : new Line('Own battery', 'warns at '.Figure::of($warnings->battery, 2).' V', about: 'own-battery'),
                $warnings->idle === null
                    ? null
                    : new Line('Left on', 'reminds after '.Figure::of($warnings->idle, 0).' min without a touch', about: 'idle'),
            ]),
        );
    }

    /** @return list<Line> */
    private function trainer(): array
    {
        $trainer = $this->program->trainer;

        return $trainer === null
            ? []
            : [
                new Line('The student flies', "while {$this->words->say($trainer->when)}", about: 'trainer-when'),
                new Line('Sticks of the student', $trainer->sticks(), about: 'trainer-sticks'),
            ];
    }
}
