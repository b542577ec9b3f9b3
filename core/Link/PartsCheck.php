<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\KitPart;
use DuskSwitch\Core\Program\PartKind;
use DuskSwitch\Core\Units\Range;

/** The further parts on board: what powers each and whether it is enough, their ports, and whether they match. */
final readonly class PartsCheck
{
    private PartSources $sources;

    public function __construct(private InstalledKit $kit)
    {
        $this->sources = new PartSources($kit);
    }

    /** @return list<VerdictPoint> */
    public function points(): array
    {
        $parts = $this->kit->choice->parts;
        $servos = $this->servos();
        if ($parts === []) {
            return $servos;
        }
        $points = [
            ...$servos,
            ...array_merge([], ...array_map($this->supply(...), $parts)),
            ...$this->currents(),
            ...$this->ports(),
            ...$this->systems(),
        ];
        $count = count($parts);

        return $points !== []
            ? $points
            : [
                VerdictPoint::fine(
                    'Parts',
                    ($count === 1 ? "{$parts[0]->name} fits" : "{$count} more parts fit").
                        ': supply, current, ports, firmware.',
                ),
            ];
    }

    /** @return list<VerdictPoint> where an aircraft has servos and nobody has said which */
    private function servos(): array
    {
        $has =
            $this->kit->program->outputs !== [] &&
            ! in_array($this->kit->program->family, [Family::Multirotor, Family::TinyMultirotor], true);

        return ! $has || $this->kit->choice->has(PartKind::Servo)
            ? []
            : [
                VerdictPoint::open(
                    'Current',
                    'The current of the servos is not checked: none is said to be on board.',
                    'Add them under what else is on board; stopped ones draw most.',
                ),
            ];
    }

    /** @return list<VerdictPoint> */
    private function supply(KitPart $part): array
    {
        $fed = $part->power->fed;
        if ($part->kind === PartKind::Motor || $fed === 'own') {
            return [];
        }
        if ($fed === null) {
            return [
                VerdictPoint::open(
                    'Supply',
                    "No power source is given for {$part->name}, so its supply is not checked.",
                    'Say it at the part.',
                ),
            ];
        }
        $volts = $this->sources->volts($fed);
        $who = $this->sources->name($fed);
        if (! $this->sources->isThere($fed)) {
            return [VerdictPoint::wrong('Supply', "{$part->name} hangs on {$who}.", 'Choose another source.')];
        }
        if ($volts === null || $part->power->supply === null) {
            $what = $volts === null ? "The volts of {$who} are" : "The volts that {$part->name} takes are";

            return [VerdictPoint::open('Supply', "{$what} not known, so its supply is not checked.", 'Fill them in.')];
        }

        return [...$this->range($part, $part->power->supply, $volts, $who), ...$this->plug($part)];
    }

    /** @return list<VerdictPoint> */
    private function range(KitPart $part, Range $supply, Range $volts, string $who): array
    {
        $shown = fn (Range $of): string => $of->isEven() ? "{$of->high} V" : "{$of->low} to {$of->high} V";

        return $volts->low >= $supply->low && $volts->high <= $supply->high
            ? []
            : [
                VerdictPoint::wrong(
                    'Supply',
                    "{$part->name} takes {$shown($supply)}, and {$who} gives {$shown($volts)}.",
                    'Put a regulator in between, or power it from something in that range.',
                ),
            ];
    }

    /** @return list<VerdictPoint> */
    private function plug(KitPart $part): array
    {
        $pack = $this->kit->pack;

        return $part->power->fed !== 'pack' || $part->power->plug === null || $pack === null ||
            $part->power->plug === $pack->plug
            ? []
            : [
                VerdictPoint::look(
                    'Plugs',
                    "{$pack->name} has a {$pack->plug} plug, {$part->name} a {$part->power->plug} one.",
                    'An adapter or a changed plug is part of the kit; put it on the list.',
                ),
            ];
    }

    /** @return list<VerdictPoint> what hangs on one source together */
    private function currents(): array
    {
        $by = [];
        foreach ($this->kit->choice->parts as $part) {
            $by[$part->power->fed ?? ''][] = $part;
        }
        $points = [];
        foreach ($by as $fed => $parts) {
            $gives = $this->sources->gives((string) $fed);
            if ($gives === null) {
                continue;
            }
            $unknown = array_filter($parts, fn (KitPart $one): bool => $one->power->draw === null);
            $sum = $this->sources->alreadyDrawn((string) $fed);
            foreach ($parts as $part) {
                $sum += ($part->power->draw ?? 0.0) * $part->count;
            }
            $names = implode(', ', array_map(fn (KitPart $one): string => $one->name, $parts));
            $who = $this->sources->name((string) $fed);
            if ($sum > $gives) {
                $points[] = VerdictPoint::wrong(
                    'Current',
                    ucfirst($who)." gives {$gives} mA, and {$names} with what else hangs on it draw {$sum} mA.",
                    'Power something by itself, or take a stronger regulator: what browns out is lost.',
                );
            } elseif ($unknown !== []) {
                $points[] = VerdictPoint::open(
                    'Current',
                    'What '.implode(', ', array_map(fn (KitPart $one): string => $one->name, $unknown)).
                        " draws is not known, so the current of {$who} is not checked.",
                    'Fill it in; servos draw most as they are stopped.',
                );
            }
        }

        return $points;
    }

    /** @return list<VerdictPoint> */
    private function ports(): array
    {
        $points = [];
        $owners = $this->kit->choice->ports;
        $known = array_column($this->kit->controller->ports ?? [], null, 'id');
        foreach ($this->kit->choice->parts as $part) {
            $port = $part->port;
            if ($port === null) {
                continue;
            }
            $owner = $owners[$port] ?? null;
            $points[] = match (true) {
                ! isset($known[$port]) => VerdictPoint::wrong(
                    'Ports',
                    "{$part->name} is on serial port {$port}, and ".
                        ($this->kit->controller->name ?? 'no controller').' has none of it.',
                    'Choose a port that is there.',
                ),
                $known[$port]->kept => VerdictPoint::wrong(
                    'Ports',
                    "{$known[$port]->name} is given to {$part->name}: you would lock yourself out.",
                    'Never give it away; choose another port.',
                ),
                $owner !== null && mb_strtolower($owner) !== mb_strtolower($part->name) => VerdictPoint::wrong(
                    'Ports',
                    "Port {$port} has two owners: {$owner} and {$part->name}.",
                    'Give one of them another port.',
                ),
                default => null,
            };
            $owners[$port] = $part->name;
        }

        return array_values(array_filter($points));
    }

    /** @return list<VerdictPoint> parts of one system with firmware of several generations */
    private function systems(): array
    {
        $by = [];
        foreach ($this->kit->choice->parts as $part) {
            if ($part->system !== null) {
                $by[$part->system][] = $part;
            }
        }
        $points = [];
        foreach (array_filter($by, fn (array $parts): bool => count($parts) > 1) as $system => $parts) {
            $said = array_map(
                fn (KitPart $one): string => $one->name.' '.($one->generation === null ? 'not said' : $one->generation),
                $parts,
            );
            $generations = array_unique(array_map(fn (KitPart $one): ?int => $one->generation, $parts));
            if (in_array(null, $generations, true)) {
                $points[] = VerdictPoint::open(
                    'Firmware',
                    "Whether {$system} matches is not checked: ".implode(', ', $said).'.',
                    'Say the generation of each.',
                );
            } elseif (count($generations) > 1) {
                $points[] = VerdictPoint::wrong(
                    'Firmware',
                    "{$system} runs firmware of ".count($generations).' generations: '.implode(', ', $said).'.',
                    'Bring all to one: else they don\'t bind, or bind and fall into failsafe.',
                );
            }
        }

        return $points;
    }
}
