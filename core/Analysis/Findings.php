<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Figure;
use DuskSwitch\Core\Units\UnitSystem;

/** What was found in a flight, in sentences of the pilot's units: one for each thing that is looked for. */
final readonly class Findings
{
    public function __construct(private FlightAnalysis $analysis, private FlownWith $with, private UnitSystem $system) {}

    /**
     * @return list<array{id: string, title: string, known: bool, says: string, detail: string, at: float|null}> times are
     *                  seconds since the flight's first row
     */
    public function all(): array
    {
        return [
            $this->air(),
            $this->wind(),
            $this->battery(),
            $this->link(),
            ...$this->nulls(),
            ...$this->circles(),
            $this->speed(),
            ...$this->stall(),
            ...$this->lags(),
        ];
    }

    /** @return array{id: string, title: string, known: bool, says: string, detail: string, at: float|null} */
    private function one(string $id, string $title, ?string $says, string $detail = '', ?float $at = null): array
    {
        return [
            'id' => $id,
            'title' => $title,
            'known' => $says !== null,
            'says' => $says ?? $detail,
            'detail' => $says === null ? '' : $detail,
            'at' => $at === null ? null : round($at - $this->analysis->series->log->start, 1),
        ];
    }

    /** @return array{id: string, title: string, known: bool, says: string, detail: string, at: float|null} */
    private function air(): array
    {
        $air = $this->analysis->air;
        if ($air->spans === []) {
            return $this->one('air', 'In the air', null, 'Not known: nothing that was recorded tells when it flew.');
        }
        $hops = count($air->spans);

        return $this->one(
            'air',
            'In the air',
            self::minutes($air->seconds()).($hops > 1 ? " in {$hops} flights" : ''),
            $air->byPowerAlone ? 'Told by current alone: a long motor test would look the same.' : '',
            $air->takeOff(),
        );
    }

    /** @return array{id: string, title: string, known: bool, says: string, detail: string, at: float|null} */
    private function wind(): array
    {
        $wind = $this->analysis->wind;
        if ($wind === null) {
            return $this->one('wind', 'Wind', null, $this->with->hovers === true
                ? 'Not known: what hovers is held against the wind; an airspeed probe tells.'
                : 'Not known: it takes positions and turns in all directions.');
        }
        $layers = array_map(
            fn (array $one): string => $this->metres($one['low']).' to '.$this->metres($one['high']).': '.$this->speedSays($one['speed']).' from '.Figure::of($one['from'], 0).'°',
            $wind->profile,
        );

        return $this->one(
            'wind',
            'Wind',
            $this->speedSays($wind->speed).' from '.Figure::of($wind->from, 0).'°, ± '.$this->speedSays($wind->spread),
            implode('; ', [...$wind->assumed ? ['Without airspeed: a steady one was assumed'] : [], ...$layers]).($wind->assumed || $layers !== [] ? '.' : ''),
        );
    }

    /** @return array{id: string, title: string, known: bool, says: string, detail: string, at: float|null} */
    private function battery(): array
    {
        $battery = $this->analysis->battery;
        if ($battery !== null) {
            return $this->one(
                'battery',
                'Battery',
                Figure::of($battery->resistance * 1000, 1).' mΩ a cell, ± '.Figure::of($battery->error * 1000, 1),
                'A full cell '.Figure::of($battery->openCircuit, 2).' V; the highest load takes '.Figure::of($battery->sag, 2).' V of a cell.',
            );
        }

        return $this->one('battery', 'Battery', null, $this->analysis->series->cells === null && ! $this->analysis->series->has(\DuskSwitch\Core\Log\LogQuantity::Cell)
            ? 'Not known: how many cells has the pack? Choose the pack or the aircraft.'
            : 'Not known: it takes voltage and a current that varies.');
    }

    /** @return array{id: string, title: string, known: bool, says: string, detail: string, at: float|null} */
    private function link(): array
    {
        $link = $this->analysis->link;
        if ($link === null) {
            return $this->one('link', 'Link', null, 'Not known: it takes a link level in dBm and positions near and far.');
        }
        $ranges = array_map(
            fn (array $one): string => ($one['milliwatts'] === null ? 'as it was sent' : Figure::of($one['milliwatts'], 0).' mW').': '.$this->metres($one['metres']),
            $link->ranges,
        );

        return $this->one(
            'link',
            'Link',
            Figure::of($link->margin, 0).' dB left at '.$this->metres($link->farthest),
            'Slope '.Figure::of($link->slope, 2).', free space is 2. Range '.implode(', ', $ranges).'. Antennas, bodies and trees take more: keep 10 dB.',
        );
    }

    /** @return list<array{id: string, title: string, known: bool, says: string, detail: string, at: float|null}> */
    private function nulls(): array
    {
        $found = [];
        foreach ($this->analysis->link->nulls ?? [] as $one) {
            $found[] = $this->one(
                'null',
                'Weak spot',
                Figure::of($one['depth'], 0).' dB below the rest at '.$this->metres($one['metres']),
                $one['bearing'] === null ? 'Look at the antennas.' : 'You stood '.Figure::of($one['bearing'], 0).'° to the right of its nose: an antenna may point there.',
                $one['from'],
            );
        }

        return array_slice($found, 0, 3);
    }

    /** @return list<array{id: string, title: string, known: bool, says: string, detail: string, at: float|null}> */
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
                ($one->gain === null ? '' : 'Height '.($one->gain < 0 ? '' : '+').Figure::of($this->system->unit(Dimension::Length)->fromBase($one->gain), 0).' '.$this->system->unit(Dimension::Length)->shown().'. ').
                    ($one->radius === null ? '' : 'Radius '.$this->metres($one->radius).'.'),
                $one->from,
            );
        }

        return $found;
    }

    /** @return array{id: string, title: string, known: bool, says: string, detail: string, at: float|null} */
    private function speed(): array
    {
        $speed = $this->analysis->speed;
        if ($speed === null) {
            return $this->one('speed', 'Speed run', null, 'Not known: it takes a ground speed or positions.');
        }

        return $speed->bothWays === null
            ? $this->one('speed', 'Speed run', $this->speedSays($speed->second).' over a second', 'No straight passes of 100 m both ways.')
            : $this->one(
                'speed',
                'Speed run',
                $this->speedSays($speed->bothWays).' over 100 m both ways',
                'Best second '.$this->speedSays($speed->second).'; along the way '.$this->speedSays(abs((float) $speed->wind)).' of wind.',
                $speed->passes[0]['from'],
            );
    }

    /** @return list<array{id: string, title: string, known: bool, says: string, detail: string, at: float|null}> */
    private function stall(): array
    {
        $margin = $this->analysis->stallMargin;

        return $margin === null ? [] : [$this->one(
            'stall',
            'Stall margin',
            $this->speedSays(abs($margin)).($margin < 0 ? ' below the stall speed at its slowest' : ' at its slowest'),
            'Above a stall speed of '.$this->speedSays((float) $this->with->stall).' (from memory, for its kind).',
        )];
    }

    /** @return list<array{id: string, title: string, known: bool, says: string, detail: string, at: float|null}> */
    private function lags(): array
    {
        $found = [];
        foreach ($this->analysis->lags as $what => $lag) {
            if (abs($lag->seconds) >= 0.2) {
                $found[] = $this->one('lag', 'Lag', ucfirst($what).': the second comes '.Figure::of(abs($lag->seconds), 1).' s '.($lag->seconds > 0 ? 'later' : 'earlier'));
            }
        }

        return $found;
    }

    private function metres(float $base): string
    {
        $unit = $this->system->unit(Dimension::Length);

        return Figure::of($unit->fromBase($base), 0).' '.$unit->shown();
    }

    private function speedSays(float $base): string
    {
        $unit = $this->system->unit(Dimension::Speed);

        return Figure::of($unit->fromBase($base), 1).' '.$unit->shown();
    }

    private static function minutes(float $seconds): string
    {
        return sprintf('%d:%02d', intdiv((int) round($seconds), 60), (int) round($seconds) % 60);
    }
}
