<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Kit\Quantity;
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
        $points = [
            ...$this->lost($found, $lamps),
            ...$this->silent($found),
            ...$this->doubled($found),
            ...$this->stale($found),
        ];

        return $points === []
            ? [VerdictPoint::fine('Discovery', 'Every value of the chain was found. Stop finding now.')]
            : $points;
    }

    /**
     * @param  list<FoundValue>  $found
     * @param  array<string, string>  $lamps
     * @return list<VerdictPoint>
     */
    private function lost(array $found, array $lamps): array
    {
        $points = [];
        $ids = array_map(fn (FoundValue $one): string => $one->id, $found);
        foreach ($this->program->sense->chain as $fitted) {
            $sensor = $this->chain->sensors[$fitted->id] ?? null;
            $promised = $this->promised($fitted->id);
            if ($sensor !== null && array_diff($promised, $ids) === $promised) {
                $points[] = VerdictPoint::wrong(
                    'Lost',
                    "{$sensor->name} wasn't found.",
                    $this->whyLost($lamps[$fitted->id] ?? null),
                );
            }
        }

        return $points;
    }

    /**
     * @param  list<FoundValue>  $found
     * @return list<VerdictPoint>
     */
    private function silent(array $found): array
    {
        $points = [];
        foreach ($this->program->sense->chain as $fitted) {
            $own = $this->promised($fitted->id);
            $silent = array_filter(
                self::with($found, 'silent'),
                fn (FoundValue $one): bool => in_array($one->id, $own, true),
            );
            if ($silent !== []) {
                $names = array_values(
                    array_map(fn (FoundValue $one): string => substr($one->id, strlen($fitted->id) + 1), $silent),
                );
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

        return $points;
    }

    /**
     * @param  list<FoundValue>  $found
     * @return list<VerdictPoint>
     */
    private function doubled(array $found): array
    {
        $ids = array_map(fn (FoundValue $one): string => $one->id, self::with($found, 'doubled'));

        return array_map(
            fn (string $id): VerdictPoint => VerdictPoint::wrong(
                'Doubled',
                ucfirst(str_replace('-', ' ', $id)).' was found twice.',
                'Two sensors answer to one address: change one. Then delete all and discover again.',
            ),
            array_values(array_unique($ids)),
        );
    }

    /**
     * @param  list<FoundValue>  $found
     * @return list<VerdictPoint>
     */
    private function stale(array $found): array
    {
        return array_map(
            fn (FoundValue $one): VerdictPoint => VerdictPoint::look(
                'Stale',
                ucfirst(str_replace('-', ' ', $one->id)).' is of a sensor that is no more in the chain.',
                BusTrouble::Stale->cure(),
            ),
            self::with($found, 'stale'),
        );
    }

    /** @return list<string> the ids of the values that a fitted sensor promises */
    private function promised(string $fitted): array
    {
        return array_map(
            fn (Quantity $quantity): string => "{$fitted}-{$quantity->id}",
            $this->chain->sensors[$fitted]->quantities ?? [],
        );
    }

    /**
     * @param  list<FoundValue>  $found
     * @return list<FoundValue>
     */
    private static function with(array $found, string $trouble): array
    {
        return array_values(array_filter($found, fn (FoundValue $one): bool => $one->trouble === $trouble));
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
