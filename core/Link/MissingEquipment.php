<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Program\Telemetry\InstalledSensor;

/** Equipment that a program names and that isn't there: nothing can be said of it, and that is said. */
final readonly class MissingEquipment
{
    public function __construct(private InstalledKit $kit) {}

    /** @return list<VerdictPoint> one for each */
    public function points(): array
    {
        $program = $this->kit->program;
        $named = [
            ['Receiver', 'receiver', $program->receiver, $this->kit->receiver],
            ['Controller', 'controller', $program->controller, $this->kit->controller],
            ['Pack', 'pack', $this->kit->choice->pack, $this->kit->pack],
            ['Speed controller', 'speed controller', $this->kit->choice->speedController, $this->kit->speedController],
        ];
        $points = [];
        foreach ($named as [$topic, $what, $id, $found]) {
            if ($id !== null && $found === null) {
                $points[] = $this->point($topic, $what, $id);
            }
        }
        $fitted = array_filter(
            $program->sense->chain,
            fn (InstalledSensor $one): bool => ! isset($this->kit->sensors[$one->id]),
        );

        return [
            ...$points,
            ...array_values(
                array_map(
                    fn (InstalledSensor $one): VerdictPoint => $this->point('Sensor', 'sensor', $one->sensor),
                    $fitted,
                ),
            ),
        ];
    }

    private function point(string $topic, string $what, string $id): VerdictPoint
    {
        return VerdictPoint::wrong(
            $topic,
            "There is no {$what} \"{$id}\" in Equipment, so nothing can be checked with it.",
            'Choose another, or import it or bring it back in Equipment.',
        );
    }
}
