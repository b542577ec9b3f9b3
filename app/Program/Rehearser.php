<?php

namespace DuskSwitch\App\Program;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Format\FlightEncoder;
use DuskSwitch\Core\Format\Nmea;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\RehearsalEncoder;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Rehearsal\CircuitValues;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\Gps;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\Scenario;
use DuskSwitch\Core\Rehearsal\Scenarios;
use DuskSwitch\Core\Rehearsal\SensorTruth;
use DuskSwitch\Core\Rehearsal\ValueTruth;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Speech\HeardCalls;
use DuskSwitch\Core\Telemetry\GpsFix;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;

/**
 * Flies and listens. A flight is a pure function of program and setting: it's kept for a while, so that a changed alarm
 * needn't fly it again.
 */
final readonly class Rehearser
{
    /** The day of every rehearsal, ddmmyy: the same flight gives the same bytes. */
    private const DAY = '010126';

    public function __construct(
        private Catalogue $catalogue,
        private Scenarios $scenarios,
        private KeptFlights $kept,
    ) {}

    /**
     * A scenario that the program's family flies.
     *
     * @param  string  $id  empty for the first that it flies
     *
     * @throws Refused
     */
    public function scenario(Circuit $circuit, string $id): Scenario
    {
        $family = $circuit->program->family;
        $found = $id === '' ? $this->scenarios->scenarios($family)[0] ?? null : $this->scenarios->scenario($id);
        if ($found?->isFor($family)) {
            return $found;
        }
        throw Refused::because(
            'script',
            "a {$family->title()} flies no \"{$id}\"; it flies ".
                implode(', ', array_column($this->scenarios->scenarios($family), 'id')),
        );
    }

    /**
     * A script in a text, for the program's family.
     *
     * @throws Refused with the path of everything that is wrong
     */
    public function own(Circuit $circuit, string $text): Scenario
    {
        $scenario = DefinitionKind::Scenarios->decode($text);
        if (! ($scenario instanceof Scenario) || ! $scenario->isFor($circuit->program->family)) {
            throw Refused::because(
                'families',
                "a {$circuit->program->family->title()} isn't among those that fly it; add \"{$circuit->program->family->value}\"",
            );
        }

        return $scenario;
    }

    /**
     * Another pack than the kit's.
     *
     * @throws Refused where there's no such one
     */
    public function pack(string $id): Pack
    {
        return $this->catalogue->pack($id) ??
            throw Refused::because(
                'pack',
                "there is no pack \"{$id}\" in Equipment; define it there, or leave it out for the kit's",
            );
    }

    /** The flight, flown or taken from those that are kept. */
    public function flight(Circuit $circuit, Scenario $scenario, RehearsalSettings $setting): Recording
    {
        return $this->flown($this->key($circuit, $scenario, $setting), $circuit, $scenario, $setting);
    }

    private function flown(string $key, Circuit $circuit, Scenario $scenario, RehearsalSettings $setting): Recording
    {
        $flight = $this->kept->flight($key);
        if ($flight === null) {
            $flight = (new Flight($circuit, $this->catalogue, $scenario, $setting))->fly();
            $this->kept->keep($key, $flight);
        }

        return $flight;
    }

    /** All that makes a flight what it is. */
    private function key(Circuit $circuit, Scenario $scenario, RehearsalSettings $setting): string
    {
        // What is said changes nothing of the flight, nor what is calculated, unless a condition asks for it.
        $sense = $circuit->program->sense;
        $values = CircuitValues::asksForCalculated($circuit) ? $sense->values : [];
        $flown = $circuit->program->with(sense: $sense->with(values: $values, calls: [])->silent());

        return hash(
            'xxh128',
            serialize([
                ProgramEncoder::encode($flown),
                $circuit->panel->transmitter,
                $scenario->legs,
                $setting,
                $this->fitted($flown),
                Flight::EVERY,
            ]),
        );
    }

    /**
     * The rehearsal as JSON parts.
     *
     * @return array<string, mixed>
     */
    public function rehearse(Circuit $circuit, Scenario $scenario, RehearsalSettings $setting, bool $withFlight): array
    {
        $key = $this->key($circuit, $scenario, $setting);
        $flight = $this->flown($key, $circuit, $scenario, $setting);
        $calls = $this->kept->heard($key);
        $known = $calls->count();
        $heard = $this->heard($circuit, $flight, $setting, null, $calls);
        if ($calls->count() !== $known) {
            $this->kept->keep($key, $calls);
        }

        return [
            ...$withFlight
                ? FlightEncoder::columns($flight, $circuit->program, $circuit->panel->transmitter, $scenario, $setting)
                : [],
            ...$heard,
        ];
    }

    /**
     * The whole rehearsal, and beside what the transmitter had of each value what it truly was.
     *
     * @return array<string, mixed>
     */
    public function rehearseWithTruth(Circuit $circuit, Scenario $scenario, RehearsalSettings $setting): array
    {
        $flying = new Flight($circuit, $this->catalogue, $scenario, $setting, true);
        $flight = $flying->fly();

        return [
            ...FlightEncoder::columns($flight, $circuit->program, $circuit->panel->transmitter, $scenario, $setting),
            ...$this->heard($circuit, $flight, $setting, $flying->truth()),
        ];
    }

    /** @return array<string, mixed> */
    private function heard(
        Circuit $circuit,
        Recording $flight,
        RehearsalSettings $setting,
        ?SensorTruth $truth,
        ?HeardCalls $calls = null,
    ): array {
        $program = $circuit->program;
        $values = Values::of($program, $this->catalogue);

        return ['windSays' => $values->say($setting->wind, Dimension::Speed)] + RehearsalEncoder::heard(
            Rehearsal::listen(
                $flight,
                $program,
                $circuit->panel->transmitter,
                $this->catalogue,
                wind: $setting->wind,
                heard: $calls,
            ),
            $flight,
            $program,
            $values,
            $truth === null
                ? null
                : ValueTruth::of(
                    $flight->samples,
                    $truth,
                    Rehearsal::deriver($program, $circuit->panel->transmitter, $this->catalogue, $values),
                    $program->sense->values,
                ),
        );
    }

    /** What the simulated GPS said, as NMEA 0183. */
    public function nmea(Circuit $circuit, Scenario $scenario, RehearsalSettings $setting): string
    {
        $values = Values::of($circuit->program, $this->catalogue);
        $fixes = Gps::fixes($this->flight($circuit, $scenario, $setting), $circuit->program, $values);

        return implode('', array_map(fn (GpsFix $fix): string => Nmea::write($fix, self::DAY), $fixes));
    }

    /** @return list<Sensor|Pack|Receiver|null> what is aboard as it stands in Equipment: there it may be edited */
    private function fitted(Program $program): array
    {
        return [
            $this->catalogue->pack($program->aboard->kit->pack ?? ''),
            $this->catalogue->receiver($program->receiver ?? ''),
            ...array_map(
                fn (InstalledSensor $one): ?Sensor => $this->catalogue->sensor($one->sensor)?->in($one->mode),
                $program->sense->chain,
            ),
        ];
    }
}
