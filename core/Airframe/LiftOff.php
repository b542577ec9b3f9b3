<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Units\Figure;

/**
 * The check before a helicopter's first lift-off: with the stick low, releasing the hold must make the blades
 * jump from full negative pitch to the first phase's floor; it proves that the phases work (common practice).
 */
final readonly class LiftOff
{
    /** Less than this can't be seen on the blades (from memory). */
    private const SEEN = 2.0;

    private function __construct(public float $held, public float $released, public float $range) {}

    /**
     * The blade angles of a program, in degrees; null where it has no hold phase, no collective, or where no
     * pitch range was measured.
     */
    public static function of(Circuit $circuit): ?self
    {
        $range = $circuit->program->recipe->settings['pitch-range'] ?? null;
        $low = [];
        $collective = $circuit->program->whose(Purpose::Collective)[0] ?? null;
        foreach ($collective === null ? [] : $circuit->line($collective->id(), 1) ?? [] as $line) {
            $low[$line['phase']] = $line['points'][0][1];
        }
        $hold = Styles::hold($circuit->program)->id ?? '';
        if (! is_float($range) || ! isset($low[$hold])) {
            return null;
        }

        return new self($low[$hold] * $range, $low[$circuit->program->base()->id] * $range, $range);
    }

    /** True where the jump is large enough to be seen. */
    public function isSeen(): bool
    {
        return abs($this->held - $this->released) >= self::SEEN;
    }

    /** The check in a sentence. */
    public function says(): string
    {
        $angle = fn (float $degrees): string => Figure::of($degrees, 1).'°';

        return $this->isSeen()
            ? "Motor disconnected or blades off, stick low: release Hold. The blades must jump from {$angle(
                $this->held,
            )} to {$angle($this->released)}. If they don't, the phases don't work."
            : "Releasing Hold with the stick low moves the blades only from {$angle($this->held)} to {$angle(
                $this->released,
            )}: that can't be seen. Raise the first style's pitch floor, or leave Hold straight.";
    }
}
