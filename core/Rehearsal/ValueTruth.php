<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Deriver;
use DuskSwitch\Core\Telemetry\Sample;

/** Of every value of a rehearsed flight: what it truly was, and how old what the transmitter had of it was. */
final readonly class ValueTruth
{
    /**
     * @param  list<Sample>  $samples  as received
     * @param  list<Sample>  $true  the same moments with what truly was
     * @param  list<array<string, float>>  $came  seconds at which what was received came, by id
     */
    private function __construct(private array $samples, private array $true, private array $came) {}

    /**
     * The truth of all values, also of those that are calculated.
     *
     * @param  list<Sample>  $samples  as received
     * @param  list<DerivedValue>  $derived
     */
    public static function of(array $samples, SensorTruth $truth, Deriver $deriver, array $derived): self
    {
        $true = $came = [];
        foreach ($samples as $row => $sample) {
            $true[] = $deriver->next($sample->with($truth->true[$row] ?? []));
            $came[] = self::withCalculated($truth->came[$row] ?? [], $derived);
        }

        return new self($samples, $true, $came);
    }

    /** @return list<float|null> in the base unit, row by row; null where nobody knows */
    public function true(string $id): array
    {
        return array_map(fn (Sample $one): ?float => $one->values[$id] ?? null, $this->true);
    }

    /** @return list<float|null> seconds since what the transmitter has came, row by row; null where it has nothing */
    public function ages(string $id): array
    {
        return array_map(
            fn (Sample $one, array $came): ?float => isset($came[$id]) ? round($one->time - $came[$id], 2) : null,
            $this->samples,
            $this->came,
        );
    }

    /**
     * What is calculated is as old as the oldest that it is calculated of.
     *
     * @param  array<string, float>  $came
     * @param  list<DerivedValue>  $derived
     * @return array<string, float>
     */
    private static function withCalculated(array $came, array $derived): array
    {
        foreach ($derived as $one) {
            $of = array_intersect_key($came, array_flip($one->of));
            if ($of !== [] && count($of) === count(array_unique($one->of))) {
                $came[$one->id] = min($of);
            }
        }

        return $came;
    }
}
