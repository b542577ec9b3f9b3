<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Figure;
use DuskSwitch\Core\Units\UnitSystem;

/** What was found in a flight, in sentences of the pilot's units: one for each thing that is looked for. */
final readonly class Findings
{
    private MeasuredWords $words;

    public function __construct(
        private FlightAnalysis $analysis,
        private FlownWith $with,
        private UnitSystem $system,
    ) {
        $this->words = new MeasuredWords($system);
    }

    /** @return list<Finding> */
    public function all(): array
    {
        return [
            $this->air(),
            ...$this->with->drives ? [] : [$this->wind()],
            $this->battery(),
            $this->link(),
            ...$this->nulls(),
            ...$this->circles(),
            $this->speed(),
            ...$this->stall(),
            ...SensorFindings::of($this->analysis),
        ];
    }

    private function one(string $id, string $title, ?string $says, string $detail = '', ?float $at = null): Finding
    {
        return new Finding(
            $id,
            $title,
            $says !== null,
            $says ?? $detail,
            $says === null ? '' : $detail,
            $at === null ? null : round($at - $this->analysis->series->log->start, 1),
        );
    }

    private function air(): Finding
    {
        $air = $this->analysis->air;
        [$title, $did] = $this->with->drives ? ['Driven', 'drove'] : ['In the air', 'flew'];
        if ($air->spans === []) {
            return $this->one('air', $title, null, "Not known: nothing that was recorded tells when it {$did}.");
        }
        $hops = count($air->spans);

        return $this->one(
            'air',
            $title,
            $this->words->minutes($air->seconds()).($hops > 1 ? " in {$hops} ".($this->with->drives ? 'drives' : 'flights') : ''),
            $air->byPowerAlone ? 'Told by current alone: a long motor test would look the same.' : '',
            $air->takeOff(),
        );
    }

    private function wind(): Finding
    {
        $wind = $this->analysis->wind;
        if ($wind === null) {
            return $this->one(
                'wind',
                'Wind',
                null,
                $this->with->hovers === true
                    ? 'Not known: what hovers is held against the wind; an airspeed probe tells.'
                    : 'Not known: it takes positions and turns in all directions.',
            );
        }
        $layers = array_map(
            fn (array $one): string => "{$this->words->metres($one['low'])} to {$this->words->metres($one['high'])}: ".
                "{$this->words->speed($one['speed'])} from ".Figure::of($one['from'], 0).'°',
            $wind->profile,
        );

        return $this->one(
            'wind',
            'Wind',
            "{$this->words->speed($wind->speed)} from ".Figure::of($wind->from, 0)."°, ± {$this->words->speed($wind->spread)}",
            implode('; ', [...$wind->assumed ? ['Without airspeed: a steady one was assumed'] : [], ...$layers]).
                ($wind->assumed || $layers !== [] ? '.' : ''),
        );
    }

    private function battery(): Finding
    {
        $battery = $this->analysis->battery;
        if ($battery !== null) {
            return $this->one(
                'battery',
                'Battery',
                Figure::of($battery->resistance * 1000, 1).' mΩ a cell, ± '.Figure::of($battery->error * 1000, 1),
                'A full cell '.
                    Figure::of($battery->openCircuit, 2).
                    ' V; the highest load takes '.
                    Figure::of($battery->sag, 2).
                    ' V of a cell.',
            );
        }

        return $this->one(
            'battery',
            'Battery',
            null,
            $this->analysis->series->cells === null &&
            ! $this->analysis->series->has(\DuskSwitch\Core\Log\LogQuantity::Cell)
                ? 'Not known: how many cells has the pack? Choose it '.
                    ($this->with->isNamed ? 'in the notes of this flight, or in Kit.' : 'or the aircraft in the notes.')
                : 'Not known: it takes voltage and a current that varies.',
        );
    }

    private function link(): Finding
    {
        $link = $this->analysis->link;
        if ($link === null) {
            return $this->one(
                'link',
                'Link',
                null,
                'Not known: it takes a link level in dBm and positions near and far.',
            );
        }
        $ranges = array_map(
            fn (array $one): string => ($one['milliwatts'] === null
                ? 'as it was sent'
                : Figure::of($one['milliwatts'], 0).' mW').
                ': '.
                $this->words->distance($one['metres']),
            $link->ranges,
        );

        return $this->one(
            'link',
            'Link',
            Figure::of($link->margin, 0).' dB left at '.$this->words->distance($link->farthest),
            'Slope '.
                Figure::of($link->slope, 2).
                ', free space is 2. Range '.
                implode(', ', $ranges).
                '. Antennas, bodies and trees take more: keep 10 dB.',
        );
    }

    /** @return list<Finding> */
    private function nulls(): array
    {
        $found = [];
        foreach ($this->analysis->link->nulls ?? [] as $one) {
            $found[] = $this->one(
                'null',
                'Weak spot',
                Figure::of($one['depth'], 0).' dB below the rest at '.$this->words->distance($one['metres']),
                $one['bearing'] === null
                    ? 'Look at the antennas.'
                    : 'You stood '.
                        Figure::of($one['bearing'], 0).
                        '° to the right of its nose: an antenna may point there.',
                $one['from'],
            );
        }

        return array_slice($found, 0, 3);
    }

    /** @return list<Finding> */
    private function circles(): array
    {
        $found = [];
        foreach ($this->analysis->circles as $one) {
            $unit = $this->system->unit(Dimension::Speed, true);
            $climb = $one->climb === null ? null : Figure::of($unit->fromBase($one->climb), 1).' '.$unit->shown();
            $found[] = $this->one(
                'circles',
                'Circles',
                Figure::of($one->circles(), 1).' circles'.($climb === null ? '' : ", {$climb} on average"),
                ($one->gain === null
                    ? ''
                    : 'Height '.
                        ($one->gain < 0 ? '' : '+').
                        Figure::of($this->system->unit(Dimension::Length)->fromBase($one->gain), 0).
                        ' '.
                        $this->system->unit(Dimension::Length)->shown().
                        '. ').($one->radius === null ? '' : 'Radius '.$this->words->metres($one->radius).'.'),
                $one->from,
            );
        }

        return $found;
    }

    private function speed(): Finding
    {
        $speed = $this->analysis->speed;
        if ($speed === null) {
            return $this->one('speed', 'Speed run', null, 'Not known: it takes a ground speed or positions.');
        }

        return $speed->bothWays === null
            ? $this->one(
                'speed',
                'Speed run',
                $this->words->speed($speed->second).' over a second',
                'No straight passes of 100 m both ways.',
            )
            : $this->one(
                'speed',
                'Speed run',
                $this->words->speed($speed->bothWays).' over 100 m both ways',
                "Best second {$this->words->speed($speed->second)}; along the way ".
                    "{$this->words->speed(abs((float) $speed->wind))} of wind.",
                $speed->passes[0]['from'],
            );
    }

    /** @return list<Finding> */
    private function stall(): array
    {
        $margin = $this->analysis->stallMargin;

        return $margin === null
            ? []
            : [
                $this->one(
                    'stall',
                    'Stall margin',
                    $this->words->speed(abs($margin)).
                        ($margin < 0 ? ' below the stall speed at its slowest' : ' at its slowest'),
                    'Above a stall speed of '.
                        $this->words->speed((float) $this->with->stall).
                        ' (from memory, for its kind).',
                ),
            ];
    }
}
