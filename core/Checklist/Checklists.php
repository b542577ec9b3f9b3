<?php

namespace DuskSwitch\Core\Checklist;

use DuskSwitch\Core\Airframe\LiftOff;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Drive\DriveCase;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\PartKind;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Routing;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\Circuit;

/** The checklists of an aircraft, made from its program and its kit (common practice). */
final readonly class Checklists
{
    private Program $program;

    /** What each list is called, by its id. */
    public const TITLES = [
        'each-flight' => 'Before each flight',
        'first-flight' => 'Before the first flight',
        'first-power' => 'Before the first power-up',
    ];

    /** @param  bool  $tellsVoltage  something sends the pack's voltage or a cell's */
    public function __construct(
        private Circuit $circuit,
        private ?Receiver $receiver,
        private ?Controller $controller,
        private bool $tellsVoltage,
    ) {
        $this->program = $circuit->program;
    }

    /** @return list<Checklist> */
    public function all(): array
    {
        return [
            new Checklist('each-flight', self::TITLES['each-flight'], $this->eachFlight()),
            new Checklist('first-flight', self::TITLES['first-flight'], $this->firstFlight()),
            new Checklist('first-power', self::TITLES['first-power'], $this->firstPower()),
        ];
    }

    private function drives(): bool
    {
        return $this->program->family === Family::GroundVehicle;
    }

    private function hovers(): bool
    {
        return $this->isHelicopter() ||
            in_array($this->program->family, [Family::Multirotor, Family::TinyMultirotor], true);
    }

    private function isHelicopter(): bool
    {
        return $this->program->family === Family::Helicopter;
    }

    /** @return list<string> */
    private function firstPower(): array
    {
        return self::some([
            match (true) {
                $this->drives() => 'The wheels are off the ground',
                $this->isHelicopter() => 'Propellers are off, or the motor is disconnected and the blades are off',
                default => 'Propellers are off',
            },
            'The old set-up is backed up, before any firmware work',
            'The transmitter is programmed, in a new and empty program, before the aircraft gets power',
            $this->receiver === null
                ? null
                : "Link and sub-type are chosen for {$this->receiver->name}; all parts run matching firmware",
            $this->program->aboard->kit->has(PartKind::Video)
                ? 'The antenna is on the video transmitter before it gets power; air moves over it on the bench'
                : null,
            $this->program->aboard->kit->ports === []
                ? null
                : 'Every serial port has its one owner; USB is not given away',
            $this->receiver === null
                ? null
                : "Bound: {$this->receiver->binding->by->says()}; 2 to 2.5 m away from the transmitter, then power off ".
                    'and on',
            $this->receiver?->telemetry === true
                ? 'Solid lamp and a telemetry reading: that is the proof'
                : 'Solid lamp: that is the proof',
            'Failsafe is set',
        ]);
    }

    /** @return list<string> */
    private function firstFlight(): array
    {
        $lift = LiftOff::of($this->circuit);

        return self::some([
            match (true) {
                $this->drives() => 'The wheels are off the ground',
                $this->isHelicopter() => 'The motor is disconnected or the blades are off',
                default => 'Propellers are off',
            }.' for all of this until the last lines',
            $this->controller === null
                ? null
                : "{$this->controller->name}: board level and still, calibrated; the picture moves as the aircraft ".
                    'does',
            ...array_map(
                fn (
                    $output,
                ): string => "Channel {$output->channel}, {$output->name}: moves by its own control alone, the right ".
                    'way, as far as it should',
                array_slice($this->program->outputs, 0, 4),
            ),
            ...$this->meanings(),
            $lift?->says(),
            in_array($this->program->family, [Family::Multirotor, Family::TinyMultirotor], true)
                ? 'Motors one at a time: order and direction as in the drawing; a scrap of paper shows the direction'
                : null,
            'Failsafe tested: transmitter off, the motor stops or the controller takes over; transmitter on again',
            'Range checked',
            $this->drives() ? null : 'Balance: the centre of gravity is on its mark',
            $this->drives()
                ? 'First drive slowly, straight and away from people; stop, look, then the first turn'
                : null,
            $this->drives()
                ? null
                : ($this->isHelicopter()
                    ? 'Blades on last: leading edges first, tight enough to swing by hand'
                    : 'Propellers on last: the raised edge leads, lettering up, screws of equal length, snug'),
            match (true) {
                $this->drives() => null,
                $this->hovers() => 'First hover outside and from a distance, never over or near the aircraft; one '.
                    'short hover, land, look. Beside a beginner stands someone who can fly it',
                default => 'First flight in calm air over a large field: climb to a safe height, trim, one circuit, '.
                    'land, look. Beside a beginner stands someone who can fly it',
            },
        ]);
    }

    /** @return list<string> */
    private function eachFlight(): array
    {
        $gps = $this->program->aboard->kit->has(PartKind::Gps);
        $motor = $this->program->motors() !== [];

        return self::some([
            'Local rules and club rules allow this '.($this->drives() ? 'drive' : 'flight').', here and now',
            'Battery charged, strapped, plug tight',
            'Antennas whole and in place; screws and linkages tight',
            $motor && ! $this->drives()
                ? ($this->isHelicopter()
                    ? 'Blades whole, the right way round, tight enough to swing by hand'
                    : 'Propellers right way up, tight, no nick')
                : null,
            $motor ? ($this->drives() ? 'Throttle in its middle, wheels straight' : 'Throttle stick fully down') : null,
            $this->atRest(),
            'Transmitter on first, then the aircraft',
            'Controls free and the right way',
            $gps ? 'Enough satellites; home is set' : null,
            $this->receiver?->telemetry === true ? 'Telemetry reset' : null,
            $this->tellsVoltage ? 'The pack\'s voltage is what it should be' : 'Timer set: nothing tells you the voltage',
            'Failsafe and range as tested',
            'Area clear, people behind you',
        ]);
    }

    private function atRest(): ?string
    {
        $used = array_map(fn ($thread): string => $thread->from, Routing::threads($this->program));
        $rest = [];
        foreach ($this->circuit->panel->transmitter->controls as $control) {
            if (
                in_array("control:{$control->id}", $used, true) &&
                $control->rest !== null &&
                $control->detents[0] !== 'pressed'
            ) {
                $rest[] = "{$control->name} {$control->rest}";
            }
        }

        return $rest === [] ? null : 'Switches at rest: '.implode(', ', $rest);
    }

    /** @return list<string> what each switch must do, a line each */
    private function meanings(): array
    {
        $words = new ConditionWords($this->program, $this->circuit->panel->transmitter);
        $lines = [];
        foreach ($this->program->functions as $function) {
            if ($function instanceof SteppedFunction && $function->drive instanceof DetentDrive) {
                $names = array_column($function->steps, 'name', 'id');
                $control =
                    $this->circuit->panel->transmitter->control($function->drive->control)->name ??
                    $function->drive->control;
                $does = array_map(
                    fn (string $detent, string $step): string => "{$detent} ".($names[$step] ?? $step),
                    array_keys($function->drive->map),
                    $function->drive->map,
                );
                $lines[] = "{$function->name} on {$control}: ".implode(', ', $does);
            } elseif ($function instanceof SteppedFunction && $function->drive instanceof CaseDrive) {
                $names = array_column($function->steps, 'name', 'id');
                $does = array_map(
                    fn (DriveCase $case): string => ($names[$case->step] ?? $case->step)." when {$words->spelled($case->when)}",
                    $function->drive->cases,
                );
                $lines[] = "{$function->name}: ".implode('; ', [...$does, "else {$function->steps[0]->name}"]);
            }
        }

        return $lines;
    }

    /**
     * @param  list<string|null>  $items
     * @return list<string>
     */
    private static function some(array $items): array
    {
        return array_values(array_filter($items, fn (?string $item): bool => $item !== null));
    }
}
