<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;

/** How it flew: take-off, ground, the script, height and stall. */
final readonly class FlightRemarks
{
    /** Metres over the field that must often not be passed (common practice; local law decides). */
    public const LIMIT = 120.0;

    public function __construct(private Recording $flight, private Values $values) {}

    /** @return list<Remark> */
    public function remarks(): array
    {
        return [...$this->flew(), ...$this->cameDown(), ...$this->script(), ...$this->height(), ...$this->stall()];
    }

    /** @return list<Remark> */
    private function flew(): array
    {
        return in_array(true, array_column($this->flight->truth, 'flies'), true)
            ? []
            : [
                new Remark(
                    'Take-off',
                    PointLevel::Wrong,
                    'It never took off: with this program the motor doesn\'t run when the pilot has made it ready. '.
                        'Look at arm, cut or hold, and at the throttle\'s way to the motor.',
                ),
            ];
    }

    /** @return list<Remark> where it met the ground in a stretch that didn't mean to land */
    private function cameDown(): array
    {
        return array_map(function (array $one): Remark {
            $row = $this->flight->truth[(int) round($one[0] / Recording::EVERY)];
            $far = $this->values->say(hypot($row['east'], $row['north']), Dimension::Length);

            return new Remark(
                'Ground',
                PointLevel::Wrong,
                'It came down '.Remark::clock($one[0])." {$one[2]}, {$far} from home.",
                $one[0],
            );
        }, $this->events('ground'));
    }

    /**
     * @return list<Remark> what the script asks for that this program doesn't have, and where it leaves the aircraft
     */
    private function script(): array
    {
        $remarks = array_map(
            fn (array $one): Remark => new Remark(
                'Script',
                PointLevel::Look,
                "The script asks for a step that there isn't: {$one[2]}.",
                $one[0],
            ),
            $this->events('unknown'),
        );
        $last = $this->flight->truth[count($this->flight->truth) - 1] ?? null;

        return $last === null || ! $last['flies']
            ? $remarks
            : [
                ...$remarks,
                new Remark(
                    'Script',
                    PointLevel::Look,
                    'The script ends in the air, at '.
                        $this->values->say($last['height'], Dimension::Length).
                        ': nothing was learned of the way down.',
                    $this->flight->seconds(),
                ),
            ];
    }

    /** @return list<array{float, string, string}> */
    private function events(string $kind): array
    {
        return array_values(array_filter($this->flight->events, fn (array $one): bool => $one[1] === $kind));
    }

    /** @return list<Remark> */
    private function height(): array
    {
        $over = array_filter($this->flight->truth, fn (array $row): bool => $row['height'] > self::LIMIT);
        if ($over === []) {
            return [];
        }
        $seconds = round(count($over) * Recording::EVERY);

        return [
            new Remark(
                'Height',
                PointLevel::Look,
                "Above {$this->values->say(
                    self::LIMIT,
                    Dimension::Length,
                )} for {$seconds} s, at most {$this->values->say(
                    max(array_column($over, 'height')),
                    Dimension::Length,
                )}. Local law decides how high you may fly.",
                (int) array_key_first($over) * Recording::EVERY,
            ),
        ];
    }

    /** @return list<Remark> */
    private function stall(): array
    {
        $flown = array_filter($this->flight->truth, fn (array $row): bool => $row['flies'] && $row['height'] > 5);
        if ($this->flight->stall <= 0 || $flown === []) {
            return [];
        }
        $slowest = min(array_column($flown, 'airspeed'));
        $margin = round(100 * ($slowest / $this->flight->stall - 1));

        return [
            new Remark(
                'Stall',
                $margin < 15 ? PointLevel::Look : PointLevel::Fine,
                'Slowest in the air '.
                    $this->values->say($slowest, Dimension::Speed).
                    ', '.
                    ($margin < 0 ? 'below' : "{$margin} % above").
                    ' the stall of this simple aircraft.',
            ),
        ];
    }
}
