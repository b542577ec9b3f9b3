<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;

/**
 * The table of the things that one switch of a helicopter changes at once: style, expo, throttle curve, pitch
 * curve, gyro gain; a row a position (common practice).
 */
final readonly class Styles
{
    private function __construct(
        public Program $program,
        public SteppedFunction $style,
        public ProportionalFunction $throttle,
        public ProportionalFunction $collective,
        private DetentDrive $drive,
        private Transmitter $transmitter,
    ) {}

    /** The table of a program, or null where no switch chooses styles with a throttle and a pitch of their own. */
    public static function of(Program $program, Transmitter $transmitter): ?self
    {
        $style = $program->whose(Purpose::Style)[0] ?? null;
        $throttle = $program->whose(Purpose::Throttle)[0] ?? null;
        $collective = $program->whose(Purpose::Collective)[0] ?? null;
        $has = $throttle instanceof ProportionalFunction && $collective instanceof ProportionalFunction;

        return $has && $style instanceof SteppedFunction && $style->drive instanceof DetentDrive
            ? new self($program, $style, $throttle, $collective, $style->drive, $transmitter)
            : null;
    }

    /** What the switch is called. */
    public function control(): string
    {
        return $this->transmitter->control($this->drive->control)->name ?? $this->drive->control;
    }

    /** @return list<StyleRow> from rest, then the hold where there is one */
    public function rows(): array
    {
        $control = $this->transmitter->control($this->drive->control);
        $detents =
            $control === null
                ? array_keys($this->drive->map)
                : ($control->rest === $control->detents[0]
                    ? $control->detents
                    : array_reverse($control->detents));
        $rows = [];
        foreach ($detents as $detent) {
            $step = $this->step($this->drive->map[$detent] ?? '');
            if ($step !== null) {
                $rows[] = $this->row($step->name, $detent, $this->phaseOf($step, $detent), $step);
            }
        }
        $hold = self::hold($this->program);

        return $hold === null ? $rows : [...$rows, $this->row($hold->name, null, $hold, null)];
    }

    private function row(string $name, ?string $detent, Phase $phase, ?Step $step): StyleRow
    {
        return new StyleRow(
            $name,
            $detent,
            $phase->id,
            $phase->fade,
            $step?->id,
            $step?->value,
            $this->expo($phase),
            $step === null ? null : self::share($this->flat($this->curve($this->throttle, $phase))),
            self::share($this->floor($phase)) ?? 0.0,
            $step === null ? null : $this->gain($step)?->value,
        );
    }

    /** A signal as a share of the whole way from −100 % to +100 %, as pilots say throttle and pitch. */
    private static function share(?float $signal): ?float
    {
        return $signal === null ? null : round(($signal + 1) / 2, 6);
    }

    /**
     * The phase that a position chooses: the one whose condition asks for its step or for the switch there, else the
     * base.
     */
    public function phaseOf(Step $step, string $detent): Phase
    {
        return $this->phaseWhen(
            fn (Phase $phase): bool => ($phase->when instanceof StepIs &&
                $phase->when->function === $this->style->id &&
                $phase->when->step === $step->id) ||
                ($phase->when instanceof ControlAt &&
                    $phase->when->control === $this->drive->control &&
                    $phase->when->detent === $detent),
        ) ?? $this->program->base();
    }

    /** The step of that id, or null. */
    public function step(string $id): ?Step
    {
        $index = $this->style->indexOf($id);

        return $index === null ? null : $this->style->steps[$index];
    }

    /** What sets the gyro's gain; null where nothing does. */
    public function gains(): ?SteppedFunction
    {
        $gain = $this->program->whose(Purpose::GyroGain)[0] ?? null;

        return $gain instanceof SteppedFunction ? $gain : null;
    }

    /** The phase in which the motor is held off; null where there's none. */
    public static function hold(Program $program): ?Phase
    {
        foreach ($program->phases as $phase) {
            if (! ($phase->when instanceof StepIs)) {
                continue;
            }
            $asked = $program->function($phase->when->function);
            $step = $asked instanceof SteppedFunction ? $asked->step($phase->when->step) : null;
            if ($asked?->purpose() === Purpose::MotorCut && $step?->means?->is(Meaning::MOTOR_OFF) === true) {
                return $phase;
            }
        }

        return null;
    }

    /** The gain's step that goes with a style's step; null where there's no gain. */
    public function gain(Step $step): ?Step
    {
        $gain = $this->gains();
        if ($gain === null) {
            return null;
        }
        $chosen = $gain->steps[0];
        foreach ($gain->drive instanceof CaseDrive ? $gain->drive->cases : [] as $case) {
            if (
                $case->when instanceof StepIs &&
                $case->when->function === $this->style->id &&
                $case->when->step === $step->id
            ) {
                $chosen = $gain->steps[$gain->indexOf($case->step) ?? 0];
            }
        }

        return $chosen;
    }

    /** The curve of a function in a phase; null where it's straight or shaped by expo. */
    public function curve(ProportionalFunction $function, Phase $phase): ?Curve
    {
        $shape = $function->shapes[$phase->id] ?? ($function->shapes[$this->program->base()->id] ?? null);

        return $this->program->curves[$shape->curve ?? ''] ?? null;
    }

    /** The phase of that id; the base where there is none. */
    public function phase(string $id): Phase
    {
        return $this->phaseWhen(fn (Phase $phase): bool => $phase->id === $id) ?? $this->program->base();
    }

    /** The level of a flat curve as a signal, whatever its lowest point does; null where it isn't flat. */
    public function flat(?Curve $curve): ?float
    {
        $ys = array_map(fn (array $point): float => $point[1], $curve->points ?? []);
        $level = end($ys);
        // The first point may be at rest: there the rotor spools.
        $rest = ($ys[0] ?? 0.0) === -1.0 ? array_slice($ys, 1) : $ys;

        return $level !== false && array_unique($rest) === [$rest[0] ?? null] ? $level : null;
    }

    private function expo(Phase $phase): ?float
    {
        $expos = [];
        foreach ($this->program->whose(Purpose::Roll, Purpose::Pitch, Purpose::Yaw) as $function) {
            if ($function instanceof ProportionalFunction) {
                $shape = $function->shapes[$phase->id] ?? ($function->shapes[$this->program->base()->id] ?? null);
                $expos[] = $shape?->curve === null ? $shape->expo ?? 0.0 : null;
            }
        }

        return count(array_unique($expos)) === 1 ? $expos[0] ?? null : null;
    }

    private function floor(Phase $phase): float
    {
        return $this->curve($this->collective, $phase)?->points[0][1] ?? -1.0;
    }

    /** @param  callable(Phase): bool  $is */
    private function phaseWhen(callable $is): ?Phase
    {
        foreach ($this->program->phases as $phase) {
            if ($is($phase)) {
                return $phase;
            }
        }

        return null;
    }
}
