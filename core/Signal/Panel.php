<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;

/**
 * Where each control of a transmitter stands in the list of inputs: first the four axes, then their four
 * trims, then the controls in the order of the definition, then the trims that are kept for each phase.
 */
final readonly class Panel
{
    private const AXES = ['roll' => 0, 'pitch' => 1, 'throttle' => 2, 'yaw' => 3];

    private const TRIMS = 4;

    private const CONTROLS = 8;

    /** @var array<string, int> */
    private array $controls;

    /** @var array<string, array<string, int>> by axis and phase */
    private array $phaseTrims;

    /**
     * @param  list<Axis>  $perPhase  those whose trim each phase has for itself
     * @param  array<string, string>  $phases  names by id
     * @param  bool  $centred  true where the throttle, too, rests in its middle
     */
    public function __construct(
        public Transmitter $transmitter,
        array $perPhase = [],
        public array $phases = [],
        private bool $centred = false,
    ) {
        $slots = [];
        foreach ($transmitter->controls as $index => $control) {
            $slots[$control->id] = self::CONTROLS + $index;
        }
        $this->controls = $slots;
        $next = self::CONTROLS + count($slots);
        $own = [];
        foreach ($perPhase as $axis) {
            foreach (array_keys($phases) as $phase) {
                $own[$axis->value][$phase] = $next++;
            }
        }
        $this->phaseTrims = $own;
    }

    /** The panel that a program sees of a transmitter. */
    public static function of(Program $program, Transmitter $transmitter): self
    {
        $perPhase = array_filter(
            Axis::cases(),
            fn (Axis $axis): bool => array_filter(
                $program->functions,
                fn ($one): bool => $one instanceof ProportionalFunction &&
                    $one->trim?->perPhase === true &&
                    $one->drive instanceof AxisDrive &&
                    $one->drive->axis === $axis,
            ) !== [],
        );

        return new self(
            $transmitter,
            array_values($perPhase),
            array_column($program->phases, 'name', 'id'),
            $program->family === Family::GroundVehicle,
        );
    }

    /** The slot of a stick axis. */
    public function axis(Axis $axis): int
    {
        return self::AXES[$axis->value];
    }

    /** Where a stick rests when nobody touches it; a ground vehicle's throttle rests in its middle. */
    public function rest(Axis $axis): float
    {
        return $this->centred ? 0.0 : $axis->rest();
    }

    /** The slot of the trim beside a stick axis. */
    public function trim(Axis $axis): int
    {
        return self::TRIMS + self::AXES[$axis->value];
    }

    /** The slot of an axis' trim in a phase; that of the shared one where the phases have none of their own. */
    public function trimIn(Axis $axis, string $phase): int
    {
        return $this->phaseTrims[$axis->value][$phase] ?? $this->trim($axis);
    }

    /** @return array<string, int> the slots of an axis' trims by phase; none where the phases share one */
    public function phaseTrims(Axis $axis): array
    {
        return $this->phaseTrims[$axis->value] ?? [];
    }

    /** @return non-empty-list<int> every slot in which a trim of an axis stands */
    public function trims(Axis $axis): array
    {
        return [$this->trim($axis), ...array_values($this->phaseTrims($axis))];
    }

    /** The slot of a control, or null where the transmitter has no such control. */
    public function control(string $id): ?int
    {
        return $this->controls[$id] ?? null;
    }

    /** The control at a slot; null for sticks and trims. */
    public function controlAt(int $slot): ?Control
    {
        return $this->transmitter->controls[$slot - self::CONTROLS] ?? null;
    }

    /** How many inputs there are. */
    public function size(): int
    {
        return self::CONTROLS + count($this->controls) + array_sum(array_map(count(...), $this->phaseTrims));
    }

    /** @return list<float> everything at rest: throttle down, the rest centred, switches in their rest detent */
    public function atRest(): array
    {
        $axes = array_map(fn (string $axis): float => $this->rest(Axis::from($axis)), array_keys(self::AXES));
        $controls = array_map(fn (Control $control): float => $control->restValue(), $this->transmitter->controls);

        return array_pad([...$axes, 0.0, 0.0, 0.0, 0.0, ...$controls], $this->size(), 0.0);
    }
}
