<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;

/** What the transmitter checks at power-up, and what it does on signal loss. */
final readonly class SafetyPages
{
    public function __construct(private Program $program, private Transmitter $transmitter) {}

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
            new Section('Start check', 'A warning at power-up where a switch is not at rest.', $check),
            new Section(
                'Failsafe',
                'On signal loss, where the transmitter or the receiver sets it. Test it with the propellers off.',
                $failsafe,
            ),
        ];
    }
}
