<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\ToneSettings;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\ToneCheck;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Telemetry\Watcher;

/** The tone of a flight: it follows the climb that the transmitter has, so it ends where the sensor falls silent. */
final readonly class Variometer
{
    private VarioTone $tone;

    private function __construct(
        private ToneSettings $settings,
        private string $source,
        private Program $program,
        private Transmitter $transmitter,
    ) {
        $this->tone = new VarioTone($settings);
    }

    /** The tone of a program; null where it is off or has nothing to follow. */
    public static function of(Program $program, Transmitter $transmitter, Values $values): ?self
    {
        $settings = $program->sense->tone;
        $source = $settings === null ? null : ToneCheck::source($settings, $values);

        return $settings === null || $source === null
            ? null
            : new self($settings, $source->id, $program, $transmitter);
    }

    /**
     * What sounds from when on, where it changes.
     *
     * @param  list<Sample>  $flight  with derived values, in the order of time
     * @return list<array{t: float, frequency: int, beeps: float}> seconds; Hz, 0 = silence; beeps a second
     */
    public function sounds(array $flight): array
    {
        $when = $this->settings->when;
        $watcher = $when === null ? null : Watcher::of($when, $this->program, $this->transmitter);
        $sounds = [];
        $before = null;
        foreach ($flight as $sample) {
            $heard = $watcher?->sees($sample) ?? true;
            $climb = $sample->values[$this->source] ?? null;
            $now = ! $heard || $climb === null ? ['frequency' => 0, 'beeps' => 0.0] : $this->tone->at($climb);
            if ($now !== $before) {
                $sounds[] = ['t' => round($sample->time, 2), ...$now];
            }
            $before = $now;
        }

        return $sounds;
    }
}
