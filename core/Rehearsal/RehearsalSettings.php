<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Kit\Pack;

/** What a rehearsal is flown in and with: wind, mishaps, pack, power, and the seed of everything that is chance. */
final readonly class RehearsalSettings
{
    /** m/s that blow where nothing is said, and the most that is flown in (from memory). */
    public const WIND = 3.0;

    public const MOST_WIND = 15.0;

    /**
     * @param  float  $wind  m/s
     * @param  float  $from  degrees that it blows from
     * @param  array<string, float>  $mishaps  seconds by mishap
     * @param  Pack|null  $pack  another than the kit's
     * @param  float  $charge  share of its capacity that is in the pack at power-up, above 0
     * @param  float  $milliwatts  that are sent, above 0
     * @param  float|null  $reset  seconds at which the pilot resets telemetry; null where they don't
     */
    public function __construct(
        public int $seed,
        public float $wind = self::WIND,
        public float $from = 250.0,
        public array $mishaps = [],
        public ?Pack $pack = null,
        public float $charge = 1.0,
        public float $milliwatts = 10.0,
        public ?float $reset = null,
    ) {}

    /** What the mishaps do at a time. */
    public function effects(float $time): MishapEffects
    {
        $effects = new MishapEffects();
        $all = $this->mishaps === [] ? [] : Mishaps::all();
        foreach ($this->mishaps as $id => $at) {
            if (isset($all[$id])) {
                $effects = $effects->with($all[$id]->effects($time >= $at ? $time - $at : null));
            }
        }

        return $effects;
    }
}
