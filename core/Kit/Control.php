<?php

namespace DuskSwitch\Core\Kit;

/**
 * A switch, button, dial or slider of a transmitter.
 *
 * As a signal a control reads: away +1, middle 0, toward −1; pressed +1, released −1; a dial or slider
 * its own value in [−1, 1].
 */
final readonly class Control
{
    /**
     * @param  list<string>  $detents  the positions from away to toward; of a button pressed and released; none for a
     *              dial or slider
     * @param  list<string>  $formerly  ids that it had before: programs that still use one of them mean this control
     * @param  string|null  $rest  the detent in which the control rests at power-up; null for a dial or slider, which
     *              rest at 0
     */
    public function __construct(
        public string $id,
        public string $name,
        public ControlKind $kind,
        public array $detents,
        public ?string $rest,
        public Place $place,
        public array $formerly = [],
    ) {}

    /** The signal of a detent, or null where the control has no such detent. */
    public function valueOf(string $detent): ?float
    {
        return in_array($detent, $this->detents, true) ? self::DETENT_VALUES[$detent] : null;
    }

    /** The detent of a signal; empty where the control has none there. */
    public function detentAt(float $value): string
    {
        foreach ($this->detents as $detent) {
            if (self::DETENT_VALUES[$detent] === $value) {
                return $detent;
            }
        }

        return '';
    }

    /** The signal at rest. */
    public function restValue(): float
    {
        return $this->rest === null ? 0.0 : self::DETENT_VALUES[$this->rest];
    }

    /** @return list<string> the detents that a control of this kind has, for a switch of so many positions */
    public static function detentsOf(ControlKind $kind, int $positions): array
    {
        return match ($kind) {
            ControlKind::Switch => $positions === 3 ? ['away', 'middle', 'toward'] : ['away', 'toward'],
            ControlKind::Button => ['pressed', 'released'],
            ControlKind::Dial, ControlKind::Slider => [],
        };
    }

    private const DETENT_VALUES = [
        'away' => 1.0,
        'middle' => 0.0,
        'toward' => -1.0,
        'pressed' => 1.0,
        'released' => -1.0,
    ];
}
