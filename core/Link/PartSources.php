<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Program\KitPart;
use DuskSwitch\Core\Units\Range;

/** What the sources of an aircraft give: its pack, its regulators, its controller. */
final readonly class PartSources
{
    /** Volts that a controller or a regulator gives (common practice). */
    private const REGULATED = 5.0;

    /** Volts of a cell, empty and full (common practice). */
    private const CELL = [3.0, 4.2];

    public function __construct(private InstalledKit $kit) {}

    /** The name of a source. */
    public function name(string $fed): string
    {
        $regulated = $this->kit->speedController;

        return match ($fed) {
            'pack' => $this->kit->pack->name ?? 'a pack that isn\'t chosen',
            'controller' => $this->kit->controller->name ?? 'a controller that isn\'t there',
            'speed-controller' => match (true) {
                $regulated === null => 'a speed controller that isn\'t chosen',
                $regulated->gives > 0 => "the regulator of {$regulated->name}",
                default => "{$regulated->name}, which has no regulator",
            },
            'receiver' => $this->kit->receiver->name ?? 'a receiver that isn\'t chosen',
            default => $this->regulator($fed)->name ?? $fed,
        };
    }

    /** The device at which a source's wires begin. */
    public function device(string $fed): string
    {
        return $fed === 'speed-controller' ? $this->kit->speedController->name ?? 'Speed controller' : $this->name($fed);
    }

    /** Whether a source is on board, and one at all; a pack that isn't chosen yet may still come. */
    public function isThere(string $fed): bool
    {
        return match ($fed) {
            'controller' => $this->kit->controller !== null && $this->kit->controller->gives > 0,
            'speed-controller' => $this->kit->speedController === null || $this->kit->speedController->gives > 0,
            default => true,
        };
    }

    /** The volts of a source, empty and full; null where they aren't known. */
    public function volts(string $fed): ?Range
    {
        $pack = $this->kit->pack;
        $regulator = $this->regulator($fed);
        $regulated = Range::both(self::REGULATED);

        return match ($fed) {
            'pack' => $pack === null ? null : new Range($pack->cells * self::CELL[0], $pack->cells * self::CELL[1]),
            'controller' => $regulated,
            'speed-controller' => $this->kit->speedController === null ? null : $regulated,
            'receiver' => match ($this->kit->choice->power) {
                null => null,
                'pack' => ($this->kit->speedController->gives ?? 0.0) > 0 ? $regulated : $this->volts('pack'),
                default => $regulated,
            },
            default => $regulator?->power->volts === null ? null : Range::both($regulator->power->volts),
        };
    }

    /** mA that a source gives to all that hangs on it; null where there is no limit, or none is known. */
    public function gives(string $fed): ?float
    {
        return match ($fed) {
            'controller' => $this->kit->controller?->gives,
            'speed-controller' => $this->kit->speedController?->gives,
            default => $this->regulator($fed)?->power->gives,
        };
    }

    /** mA that hang on a source already: the receiver, with what its sensors draw. */
    public function alreadyDrawn(string $fed): float
    {
        $isReceivers = match ($fed) {
            'controller' => $this->kit->choice->power === 'controller',
            'speed-controller' => $this->kit->choice->power === 'pack',
            default => false,
        };
        $sensors = array_sum(array_map(fn ($one): float => $one->draw, $this->kit->sensors));

        return $isReceivers ? ($this->kit->receiver->draw ?? 0.0) + $sensors : 0.0;
    }

    private function regulator(string $id): ?KitPart
    {
        foreach ($this->kit->choice->parts as $part) {
            if ($part->id === $id) {
                return $part;
            }
        }

        return null;
    }
}
