<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Sense\Callout;
use DuskSwitch\Core\Program\Sense\Priority;
use DuskSwitch\Core\Speech\Report;
use DuskSwitch\Core\Speech\SpokenPhrase;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;

/** What a rehearsal showed: was the pilot warned in time, what was never heard, how close it came. */
final readonly class RehearsalVerdict
{
    /** Metres over the field that must often not be passed (common practice; local law decides). */
    public const LIMIT = 120.0;

    /** Seconds that one wants between the first warning and the empty pack (from memory). */
    private const TIME_TO_LAND = 45.0;

    /** A warning that held for less is a dip, not a state. */
    private const DIP = 3.0;

    /** Share of the time after which a voice is no more listened to (from memory). */
    private const TALKATIVE = 0.25;

    /**
     * @param  array<string, list<array{float, float}>>  $spans
     * @param  list<SpokenPhrase>  $said
     */
    public function __construct(
        private Recording $flight,
        private Program $program,
        private Values $values,
        private array $spans,
        private array $said,
        private Report $report,
    ) {}

    /** @return list<Remark> the worst first */
    public function remarks(): array
    {
        $remarks = [
            ...$this->flew(),
            ...$this->cameDown(),
            ...$this->script(),
            ...$this->notFull(),
            ...$this->pack(),
            ...$this->dips(),
            ...$this->link(),
            ...$this->height(),
            ...$this->stall(),
            ...$this->voice(),
            ...$this->never(),
        ];
        usort($remarks, fn (Remark $a, Remark $b): int => $a->level->rank() <=> $b->level->rank());

        return $remarks;
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
                    'It never took off: with this program the motor doesn\'t run when the pilot has made it ready. Look at arm, cut or hold, and at the throttle\'s way to the motor.',
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
                'It came down '.self::clock($one[0])." {$one[2]}, {$far} from home.",
                $one[0],
            );
        }, $this->events('ground'));
    }

    /** @return list<Remark> what the script asks for that this program doesn't have, and where it leaves the aircraft */
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
    private function notFull(): array
    {
        $full = round(100 * $this->flight->left(0.0));

        return $full > 95
            ? []
            : [
                new Remark(
                    'Pack',
                    PointLevel::Look,
                    "The pack was {$full} % full at power-up. Used capacity counts from 0 there and knows nothing of it: only the voltage tells.",
                    0.0,
                ),
            ];
    }

    /** @return list<Remark> */
    private function pack(): array
    {
        $last = $this->flight->truth[count($this->flight->truth) - 1] ?? null;
        if ($last === null) {
            return [];
        }
        $warns = array_filter(
            $this->said,
            fn (SpokenPhrase $one): bool => $one->from !== null &&
                $one->offer->priority !== Priority::Note &&
                $this->speaksOf($one->offer->by, Dimension::Voltage, Dimension::Charge, Dimension::Time),
        );
        $first = $warns === [] ? null : min(array_map(fn (SpokenPhrase $one): float => (float) $one->from, $warns));
        $left = round(100 * $this->flight->left($last['used']));
        if ($first === null) {
            $hasOne =
                array_filter(
                    $this->program->sense->calls,
                    fn (Callout $one): bool => $one->isAlarm() &&
                        $this->speaksOf($one->id, Dimension::Voltage, Dimension::Charge, Dimension::Time),
                ) !== [];

            return [
                match (true) {
                    ! $hasOne => new Remark(
                        'Pack',
                        PointLevel::Wrong,
                        'Nothing warns of an empty pack: no alarm looks at a voltage, at used capacity or at a timer.',
                    ),
                    $left < 15 => new Remark(
                        'Pack',
                        PointLevel::Wrong,
                        "Nothing was said of the pack, and {$left} % were left at the end.",
                    ),
                    default => new Remark(
                        'Pack',
                        PointLevel::Fine,
                        "No warning of the pack was needed: {$left} % were left at the end.",
                    ),
                },
            ];
        }
        $empty = $this->empty($first);
        $says =
            'First warning of the pack '.
            self::clock($first).
            '; it would have been empty '.
            round($empty - $first).
            ' s later.';

        return [
            new Remark(
                'Pack',
                $empty - $first < self::TIME_TO_LAND ? PointLevel::Look : PointLevel::Fine,
                $says.($empty - $first < self::TIME_TO_LAND ? ' That is little to land in.' : ''),
                $first,
            ),
        ];
    }

    /** Seconds at which the pack is empty, at the mean current from a time on. */
    private function empty(float $from): float
    {
        $begin = (int) round($from / Recording::EVERY);
        foreach (array_slice($this->flight->truth, $begin) as $index => $row) {
            if ($row['used'] >= $this->flight->held) {
                return ($begin + $index) * Recording::EVERY;
            }
        }
        $flown = array_filter(array_slice($this->flight->truth, 0, $begin + 1), fn (array $row): bool => $row['flies']);
        $amperes = $flown === [] ? 0.0 : array_sum(array_column($flown, 'amperes')) / count($flown);
        $used = $this->flight->truth[$begin]['used'] ?? 0.0;

        return $amperes > 0 ? $from + (($this->flight->held - $used) * 3.6) / $amperes : INF;
    }

    /**
     * Alarms of the pack that a short dip set off.
     *
     * @return list<Remark>
     */
    private function dips(): array
    {
        $remarks = [];
        foreach ($this->program->sense->calls as $call) {
            $short = array_filter(
                $this->spans[$call->id] ?? [],
                fn (array $span): bool => $span[1] - $span[0] < self::DIP && $span[1] < $this->flight->seconds() - 0.05,
            );
            if (
                $call->isAlarm() &&
                $call->hold < self::DIP &&
                $short !== [] &&
                $this->speaksOf($call->id, Dimension::Voltage)
            ) {
                $first = array_values($short)[0];
                $remarks[] = new Remark(
                    'Sag',
                    PointLevel::Wrong,
                    "{$call->name} spoke for a dip of ".
                        max(0.1, round($first[1] - $first[0], 1)).
                        ' s under load, '.
                        count($short).
                        ' times in all: the voltage was back before you could land. Let it hold for '.
                        self::DIP.
                        ' s.',
                    $first[0],
                    $call->id,
                );
            }
        }

        return $remarks;
    }

    /** @return list<Remark> */
    private function link(): array
    {
        $lost = array_filter($this->flight->truth, fn (array $row): bool => ! $row['linked']);
        if ($lost === []) {
            return [new Remark('Link', PointLevel::Fine, 'The link held all the way.')];
        }
        $at = (int) array_key_first($lost) * Recording::EVERY;
        $warned = array_filter(
            $this->said,
            fn (SpokenPhrase $one): bool => $one->from !== null &&
                $one->offer->priority !== Priority::Note &&
                $this->speaksOf($one->offer->by, Dimension::Percent, Dimension::Level),
        );
        $seconds = round(count($lost) * Recording::EVERY, 1);

        return [
            $warned === []
                ? new Remark(
                    'Link',
                    PointLevel::Wrong,
                    "The link was gone for {$seconds} s, and nothing was said of it. Add an alarm on the link's quality: warn early, critical late.",
                    $at,
                )
                : new Remark(
                    'Link',
                    PointLevel::Look,
                    "The link was gone for {$seconds} s; the pilot was told ".
                        self::clock(min(array_map(fn (SpokenPhrase $one): float => (float) $one->from, $warned))).
                        '.',
                    $at,
                ),
        ];
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

    /** @return list<Remark> */
    private function voice(): array
    {
        $remarks = [];
        $share = round($this->report->share * 100);
        if ($this->report->share > self::TALKATIVE) {
            $remarks[] = new Remark(
                'Voice',
                PointLevel::Look,
                "It speaks {$share} % of the time: what repeats too often is switched off, and then missed.",
            );
        }
        foreach ($this->report->talkedOver as $one) {
            $remarks[] = new Remark(
                'Voice',
                PointLevel::Look,
                "“{$one->offer->text}” had to wait ".round($one->late(), 1).' s for a call-out to end.',
                $one->offer->at,
            );
        }
        $count = count($this->report->dropped);
        if ($count > 0) {
            $remarks[] = new Remark(
                'Voice',
                PointLevel::Look,
                $count === 1
                    ? "“{$this->report->dropped[0]->offer->text}” was dropped: {$this->report->dropped[0]->dropped}."
                    : "{$count} phrases were dropped, the first “{$this->report->dropped[0]->offer->text}”: {$this->report->dropped[0]->dropped}.",
                $this->report->dropped[0]->offer->at,
            );
        }

        return $remarks;
    }

    /** @return list<Remark> */
    private function never(): array
    {
        $heard = array_map(fn (SpokenPhrase $one): string => $one->from === null ? '' : $one->offer->by, $this->said);
        $names = array_map(
            fn (Callout $one): string => $one->name,
            array_filter($this->program->sense->calls, fn (Callout $one): bool => ! in_array($one->id, $heard, true)),
        );

        return $names === []
            ? []
            : [
                new Remark(
                    'Never said',
                    PointLevel::Fine,
                    'In this flight nobody heard: '.
                        implode(', ', $names).
                        '. Try them with a mishap or another flight.',
                ),
            ];
    }

    /** True for a call that looks at a value of one of those dimensions. */
    private function speaksOf(string $id, Dimension ...$dimensions): bool
    {
        $call = $this->program->sense->call($id);

        return $call !== null &&
            array_filter(
                ConditionTree::all($call->when),
                fn (Condition $one): bool => $one instanceof SensorLevel &&
                    in_array($this->values->find($one->sensor)?->dimension, $dimensions, true) &&
                    $one->sensor !== 'receiver-volts',
            ) !== [];
    }

    private static function clock(float $seconds): string
    {
        return sprintf('at %d:%02d', intdiv((int) $seconds, 60), (int) $seconds % 60);
    }
}
