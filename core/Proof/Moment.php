<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Frame;

/** One position of the switches: what it means for arming, modes, motors and phases. */
final readonly class Moment
{
    /** A motor turns from here on, in µs (common practice: 1000 is off). */
    private const TURNS = 1060;

    /**
     * @param  list<float>  $inputs  in the order of the plain panel, sticks at rest
     * @param  string  $phase  the id of the active phase
     * @param  bool  $armed  the controller arms, or where there is none a motor would follow the stick
     * @param  list<string>  $modes  flight modes hit
     * @param  int|null  $margin  µs to the nearest edge of the slot; negative outside of all; null where there are no slots
     * @param  int  $idle  the highest pulse of any motor with the stick low
     */
    private function __construct(public array $inputs, public string $phase, public bool $armed, public array $modes, public ?int $margin, public int $idle) {}

    /**
     * @param  list<float>  $low  inputs with the throttle low
     * @param  list<float>  $full  the same with it up
     * @param  list<int>  $motors  channels
     */
    public static function of(Evidence $evidence, Circuit $circuit, array $low, array $full, array $motors): self
    {
        $frame = $circuit->frame($low);
        $arming = $evidence->setup->arming->ranges[0] ?? null;
        $highest = fn (Frame $of): int => $motors === [] ? 0 : max(array_map(fn (int $channel): int => $of->pulse($channel) ?? 0, $motors));
        $idle = $highest($frame);
        $modes = [];
        $margin = null;
        foreach ($evidence->flightSlots() as $slot) {
            $pulse = $frame->pulse($slot->channel);
            $inside = $pulse === null ? -9999 : $slot->margin($pulse);
            $margin = $margin === null ? $inside : max($margin, $inside);
            if ($pulse !== null && $slot->holds($pulse)) {
                $modes[] = $slot->mode;
            }
        }
        $armed = $arming === null ? $highest($circuit->frame($full)) > self::TURNS : $arming->holds($frame->pulse($arming->channel) ?? 0);

        return new self($low, $frame->phase(), $armed, array_values(array_unique($modes)), $margin, $idle);
    }

    /** True where a motor turns with the stick low. */
    public function turnsAtLowStick(): bool
    {
        return $this->idle > self::TURNS;
    }
}
