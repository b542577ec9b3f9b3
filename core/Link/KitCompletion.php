<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Port;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Kit\Wire;
use DuskSwitch\Core\Program\KitChoice;
use DuskSwitch\Core\Program\Program;

/**
 * What follows from the parts that were chosen: link, sub-type, wire, input, serial port and power. Only what is not
 * chosen yet is filled in, each so that the verdict of the kit is the best; what can't be made to fit stays open.
 * Packs and speed controllers are never guessed: only their pilot knows which lie on the table.
 */
final readonly class KitCompletion
{
    private function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private Catalogue $catalogue,
    ) {}

    /** The program with its kit completed as far as it follows. */
    public static function of(Program $program, Transmitter $transmitter, Catalogue $catalogue): Program
    {
        $completion = new self($program, $transmitter, $catalogue);
        $choice = $program->aboard->kit;
        foreach ([$completion->links(...), $completion->wires(...), $completion->powers(...)] as $candidates) {
            $choice = $completion->best($choice, $candidates($completion->kit($choice)));
        }

        return $completion->with($choice);
    }

    /**
     * The first of the best; the choice as it was where each of the candidates makes more wrong.
     *
     * @param  list<KitChoice>  $candidates  the most usual first
     */
    private function best(KitChoice $choice, array $candidates): KitChoice
    {
        [$best, $least] = [$choice, null];
        [$wrong] = $this->faults($choice);
        foreach ($candidates as $candidate) {
            $faults = $this->faults($candidate);
            if ($faults[0] <= $wrong && ($least === null || $faults < $least)) {
                [$best, $least] = [$candidate, $faults];
            }
        }

        return $best;
    }

    /** @return list<KitChoice> the receiver's own link, where the transmitter speaks it, with each of its sub-types */
    private function links(InstalledKit $kit): array
    {
        [$choice, $receiver] = [$kit->choice, $kit->receiver];
        $link = $choice->link ?? $receiver?->link;
        $subtypes = $this->transmitter->links[$link ?? '']->subtypes ?? [];
        if ($receiver === null || $choice->subtype !== null) {
            return [];
        }
        $usual = isset($subtypes[$receiver->subtype]) ? [$receiver->subtype] : [];

        return array_map(fn (string $subtype): KitChoice => self::put($choice, link: $link, subtype: $subtype), [
            ...$usual,
            ...array_values(array_diff(array_keys($subtypes), $usual)),
        ]);
    }

    /** @return list<KitChoice> each wire, with the controller's input set to it and a port where it needs one */
    private function wires(InstalledKit $kit): array
    {
        [$choice, $controller] = [$kit->choice, $kit->controller];
        $wires = match (true) {
            $kit->receiver === null => [],
            $choice->wire !== null => [Wire::from($choice->wire)],
            $controller === null => [Wire::Leads, Wire::Sum, Wire::Serial],
            default => [Wire::Serial, Wire::Sum, Wire::Leads],
        };
        $candidates = [];
        foreach ($wires as $wire) {
            $one = self::put($choice, wire: $wire->value, input: $controller === null ? null : $wire->value);
            $free = array_filter(
                $controller->ports ?? [],
                fn (Port $port): bool => ! $port->kept && ! isset($choice->ports[$port->id]),
            );
            array_push(
                $candidates,
                ...$wire !== Wire::Serial || $free === [] || $kit->receiverPort() !== null
                    ? [$one]
                    : array_map(
                        fn (Port $port): KitChoice => self::put($one, ports: $choice->ports + [$port->id => 'receiver']),
                        array_values($free),
                    ),
            );
        }

        return $candidates;
    }

    /** @return list<KitChoice> the receiver's power: from the controller first, where there is one */
    private function powers(InstalledKit $kit): array
    {
        return $kit->receiver === null || $kit->choice->power !== null
            ? []
            : array_map(
                fn (string $power): KitChoice => self::put($kit->choice, power: $power),
                $kit->controller === null ? ['pack'] : ['controller', 'pack'],
            );
    }

    /** @param  array<string, string>|null  $ports */
    private static function put(
        KitChoice $choice,
        ?string $link = null,
        ?string $subtype = null,
        ?string $wire = null,
        ?string $input = null,
        ?string $power = null,
        ?array $ports = null,
    ): KitChoice {
        return $choice->with(
            link: $link ?? $choice->link,
            subtype: $subtype ?? $choice->subtype,
            wire: $wire ?? $choice->wire,
            input: $choice->input ?? $input,
            power: $power ?? $choice->power,
            ports: $ports ?? $choice->ports,
        );
    }

    /** @return array{int, int, int} points that are wrong, not checked, and worth a look */
    private function faults(KitChoice $choice): array
    {
        $levels = array_map(
            fn (VerdictPoint $one): string => $one->level->value,
            (new KitVerdict($this->kit($choice)))->points(),
        );
        $count = array_count_values($levels);

        return [
            $count[PointLevel::Wrong->value] ?? 0,
            $count[PointLevel::Open->value] ?? 0,
            $count[PointLevel::Look->value] ?? 0,
        ];
    }

    private function kit(KitChoice $choice): InstalledKit
    {
        return InstalledKit::of($this->with($choice), $this->transmitter, $this->catalogue);
    }

    private function with(KitChoice $choice): Program
    {
        return $this->program->with(aboard: $this->program->aboard->with(kit: $choice));
    }
}
