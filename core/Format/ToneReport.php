<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Telemetry\ToneSettings;
use DuskSwitch\Core\Speech\VarioTone;
use DuskSwitch\Core\Telemetry\ToneCheck;
use DuskSwitch\Core\Telemetry\Value;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Unit;

/** Writes how the variometer's tone is set and what it sounds like, for the screen. */
final readonly class ToneReport
{
    /** Into how many steps the way from full sink to full climb is cut. */
    private const STEPS = 44;

    /** How near to the silent band full sink and full climb may be set here, m/s. */
    private const NEAR = 0.1;

    public function __construct(private Values $values, private ConditionWords $words) {}

    /** @return array<string, mixed> what it can follow, and what is set; as it would be where it is off */
    public function of(?ToneSettings $set): array
    {
        $tone = $set ?? new ToneSettings();
        $climbs = array_filter($this->values->all, ToneCheck::isClimb(...));

        return [
            'on' => $set !== null,
            'follows' => ToneCheck::source($tone, $this->values)?->name,
            'climbs' => array_values(
                array_map(fn (Value $one): array => ['id' => $one->id, 'name' => $one->name], $climbs),
            ),
            'when' => $tone->when === null ? null : $this->words->say($tone->when),
            'numbers' => self::numbers($tone),
            'line' => $this->line($tone),
        ];
    }

    /**
     * The numbers by their key in a document, each with what it may become while the others stay.
     *
     * @return list<array{key: string, name: string, unit: string, parts: list<array{name: string, value: float, least: float, most: float}>}>
     */
    private static function numbers(ToneSettings $tone): array
    {
        [$quiet, $full, $pitch, $beeps] = [$tone->quiet, $tone->full, $tone->pitch, $tone->beeps];
        $part = fn (string $name, float $value, float $least, float $most): array => [
            'name' => $name, 'value' => $value, 'least' => $least, 'most' => $most,
        ];
        [$sink, $climb] = ToneSettings::CLIMBS;
        [$deep, $shrill] = ToneSettings::HERTZ;
        [$slow, $quick] = ToneSettings::BEEPS;

        return [
            ['key' => 'quiet', 'name' => 'Silent', 'unit' => 'm/s', 'parts' => [
                $part('Silent from', $quiet->low, $full->low + self::NEAR, 0.0),
                $part('Silent to', $quiet->high, 0.0, $full->high - self::NEAR),
            ]],
            ['key' => 'full', 'name' => 'Full', 'unit' => 'm/s', 'parts' => [
                $part('Full sink', $full->low, $sink, $quiet->low - self::NEAR),
                $part('Full climb', $full->high, $quiet->high + self::NEAR, $climb),
            ]],
            ['key' => 'pitch', 'name' => 'Pitch', 'unit' => 'Hz', 'parts' => [
                $part('Pitch of full sink', $pitch->low, $deep, $tone->middle - 1),
                $part('Pitch of level flight', $tone->middle, $pitch->low + 1, $pitch->high - 1),
                $part('Pitch of full climb', $pitch->high, $tone->middle + 1, $shrill),
            ]],
            ['key' => 'beeps', 'name' => 'Beeps', 'unit' => '/s', 'parts' => [
                $part('Beeps in weak climb', $beeps->low, $slow, $beeps->high),
                $part('Beeps in full climb', $beeps->high, $beeps->low, $quick),
            ]],
        ];
    }

    /** @return list<array{climb: float, says: string, frequency: int, beeps: float}> from full sink to full climb */
    private function line(ToneSettings $tone): array
    {
        $sounds = new VarioTone($tone);
        $unit = ToneCheck::source($tone, $this->values)->unit ?? Unit::MetrePerSecond;
        $line = [];
        foreach (range(0, self::STEPS) as $step) {
            $climb = $tone->full->low + (($tone->full->high - $tone->full->low) * $step) / self::STEPS;
            $says = round($unit->fromBase($climb), $unit->places())." {$unit->shown()}";
            $line[] = ['climb' => round($climb, 3), 'says' => $says, ...$sounds->at($climb)];
        }

        return $line;
    }
}
