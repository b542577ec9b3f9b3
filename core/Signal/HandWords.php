<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Units\Figure;

/** Says where a hand holds the controls, as a pilot would: "Left shoulder away, roll stick full right". */
final readonly class HandWords
{
    private const ENDS = [
        'roll' => ['left', 'right'],
        'pitch' => ['back', 'forward'],
        'throttle' => ['down', 'up'],
        'yaw' => ['left', 'right'],
    ];

    public function __construct(private Panel $panel) {}

    /**
     * What isn't where it was.
     *
     * @param  list<float>  $hand  in the order of the panel
     * @param  list<float>|null  $from  what it's compared with; rest where it's null
     * @return list<string>
     */
    public function moved(array $hand, ?array $from = null): array
    {
        $panel = $this->panel;
        $from ??= $panel->atRest();
        $said = [];
        foreach (Axis::cases() as $axis) {
            if ($hand[$panel->axis($axis)] !== $from[$panel->axis($axis)]) {
                $said[] = $this->stick($axis, $hand[$panel->axis($axis)]);
            }
            foreach (['' => $panel->trim($axis), ...$panel->phaseTrims($axis)] as $phase => $slot) {
                if ($hand[$slot] !== $from[$slot]) {
                    $said[] =
                        "{$axis->value} trim".
                        ($phase === '' ? '' : " in {$panel->phases[$phase]}").
                        ' at '.
                        Figure::percent($hand[$slot], 0);
                }
            }
        }
        foreach ($panel->transmitter->controls as $control) {
            $at = (int) $panel->control($control->id);
            if ($hand[$at] !== $from[$at]) {
                $position = self::position($control, $hand[$at]);
                $said[] = is_string($position)
                    ? "{$control->name} {$position}"
                    : "{$control->name} at ".Figure::percent($position, 0);
            }
        }

        return $said;
    }

    /** The detent at that value, or the value where none is. */
    public static function position(Control $control, float $value): float|string
    {
        foreach ($control->detents as $detent) {
            if ($control->valueOf($detent) === $value) {
                return $detent;
            }
        }

        return $value;
    }

    private function stick(Axis $axis, float $value): string
    {
        if ($this->panel->rest($axis) !== 0.0) {
            return "{$axis->value} stick at ".round(($value + 1) * 50).' %';
        }
        if ($value === 0.0) {
            return "{$axis->value} stick centred";
        }
        $way = self::ENDS[$axis->value][$value > 0 ? 1 : 0];

        return abs($value) > 0.999
            ? "{$axis->value} stick full {$way}"
            : "{$axis->value} stick ".round(abs($value) * 100)." % {$way}";
    }
}
