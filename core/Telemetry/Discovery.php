<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Program;

/**
 * What was found on the bus against what the chain promises: lost, doubled and silent values, each with cause and cure.
 */
final readonly class Discovery
{
    public function __construct(private Program $program, private SensorChain $chain) {}

    /**
     * @param  list<FoundValue>  $found
     * @param  array<string, string>  $lamps
     * @return list<VerdictPoint>
     */
    public function points(array $found, array $lamps): array
    {
        $points = [];
        $ids = array_map(fn (FoundValue $one): string => $one->id, $found);
        foreach ($this->program->sense->chain as $fitted) {
            $sensor = $this->chain->sensors[$fitted->id] ?? null;
            if ($sensor === null) {
                continue;
            }
            $promised = array_map(fn ($quantity): string => "{$fitted->id}-{$quantity->id}", $sensor->quantities);
            $lost = array_diff($promised, $ids);
            if ($lost === $promised) {
                $points[] = VerdictPoint::wrong(
                    'Lost',
                    "{$sensor->name} wasn't found.",
                    $this->whyLost($lamps[$fitted->id] ?? null),
                );
            }
        }
        foreach ($this->program->sense->chain as $fitted) {
            $own = array_map(
                fn ($quantity): string => "{$fitted->id}-{$quantity->id}",
                $this->chain->sensors[$fitted->id]->quantities ?? [],
            );
            $silent = array_values(
                array_filter(
                    $found,
                    fn (FoundValue $one): bool => $one->trouble === 'silent' && in_array($one->id, $own, true),
                ),
            );
            if ($silent !== []) {
                $names = array_map(fn (FoundValue $one): string => substr($one->id, strlen($fitted->id) + 1), $silent);
                $points[] = VerdictPoint::look(
                    'Silent',
                    ($this->chain->sensors[$fitted->id]->name ?? $fitted->id).
                        ' was found and doesn\'t send '.
                        implode(', ', $names).
                        '.',
                    $this->whySilent($fitted->id, $names),
                );
            }
        }
        foreach (
            array_unique(
                array_map(
                    fn (FoundValue $one): string => $one->id,
                    array_filter($found, fn (FoundValue $one): bool => $one->trouble === 'doubled'),
                ),
            ) as $id
        ) {
            $points[] = VerdictPoint::wrong(
                'Doubled',
                ucfirst(str_replace('-', ' ', $id)).' was found twice.',
                'Two sensors answer to one address: change one. Then delete all and discover again.',
            );
        }
        foreach (array_filter($found, fn (FoundValue $one): bool => $one->trouble === 'stale') as $one) {
            $points[] = VerdictPoint::look(
                'Stale',
                ucfirst(str_replace('-', ' ', $one->id)).' is of a sensor that is no more in the chain.',
                BusTrouble::Stale->cure(),
            );
        }

        return $points === []
            ? [VerdictPoint::fine('Discovery', 'Every value of the chain was found. Stop discovery now.')]
            : $points;
    }

    private function whyLost(?string $lamp): string
    {
        return match ($lamp) {
            null => BusTrouble::NoStream->cure(),
            'off' => BusTrouble::Polarity->cure(),
            default => "Its lamp blinks {$lamp}. ".BusTrouble::WrongBus->cure(),
        };
    }

    /** @param  list<string>  $names  ids of the values that are silent */
    private function whySilent(string $fitted, array $names): string
    {
        $satellites = $this->chain->sensors[$fitted]->measuring(Measurand::Satellites);

        return $satellites !== null && in_array($satellites->id, $names, true)
            ? BusTrouble::WiresSwapped->cure()
            : BusTrouble::NoSatellites->cure();
    }
}
