<?php

namespace DuskSwitch\Core\Move;

use DuskSwitch\Core\Document\Ids;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Kit\Port;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;

/** A program that names parts of its equipment as they were called before, with the ids that they have now. */
final readonly class FormerNames
{
    /**
     * With the controls of its transmitter as they are called now. An id that several controls had before means the
     * first of them that the program doesn't use otherwise; where all are used, it stays as it is, for the pilot to
     * choose.
     */
    public static function controls(Program $program, Transmitter $transmitter): Program
    {
        $heirs = self::heirs($transmitter->controls, fn (Control $one): array => [$one->id, $one->formerly]);
        if ($heirs === []) {
            return $program;
        }
        // A check at power-up alone does nothing.
        $working = $program->with(aboard: $program->aboard->with(startCheck: []));
        $used = array_fill_keys(Ids::of($working, Names::Control), true);
        $now = array_map(fn (array $ids): string => $ids[0], $heirs);
        $several = array_filter(array_intersect_key($heirs, $used), fn (array $ids): bool => count($ids) > 1);
        foreach (array_keys(array_diff_key($used, $several)) as $id) {
            $used[$now[$id] ?? $id] = true;
        }
        foreach ($several as $old => $ids) {
            $free = array_values(array_filter($ids, fn (string $id): bool => ! isset($used[$id])));
            $now[$old] = $free[0] ?? $old;
            $used[$now[$old]] = true;
        }

        $named = self::with($program, Names::Control, $now);
        $checked = array_values(array_unique($named->aboard->startCheck));

        return $named->with(aboard: $named->aboard->with(startCheck: $checked));
    }

    /** With the modes and ports of its controller as they are called now. */
    public static function modes(Program $program, Controller $controller): Program
    {
        $modes = self::now($controller->modes, fn (Mode $one): array => [$one->id, $one->formerly]);
        $ports = self::now($controller->ports, fn (Port $one): array => [$one->id, $one->formerly]);
        if ($modes === [] && $ports === []) {
            return $program;
        }
        $kit = $program->aboard->kit;
        $owners = [];
        foreach ($kit->ports as $port => $owner) {
            $owners[$ports[$port] ?? $port] = $owner;
        }

        $named = self::with($program, Names::Mode, $modes);

        return $named->with(aboard: $named->aboard->with(kit: $kit->with(ports: $owners)));
    }

    /** @param  array<string, string>  $now  ids of a kind by those that they had */
    private static function with(Program $program, Names $kind, array $now): Program
    {
        return Ids::map($program, fn (Names $what, string $id): string => $what === $kind ? $now[$id] ?? $id : $id);
    }

    /**
     * @template T
     *
     * @param  array<array-key, T>  $parts
     * @param  callable(T): array{string, list<string>}  $ids  the id of a part, and those that it had
     * @return array<string, string> an id that a part has now means that part, whatever another was called
     */
    private static function now(array $parts, callable $ids): array
    {
        return array_map(fn (array $heirs): string => $heirs[0], self::heirs($parts, $ids));
    }

    /**
     * @template T
     *
     * @param  array<array-key, T>  $parts
     * @param  callable(T): array{string, list<string>}  $ids  the id of a part, and those that it had
     * @return array<string, non-empty-list<string>> ids of those that had one, by it; an id that a part has now means
     *                                               that part, whatever another was called
     */
    private static function heirs(array $parts, callable $ids): array
    {
        $heirs = $taken = [];
        foreach ($parts as $part) {
            [$id, $formerly] = $ids($part);
            $taken[$id] = true;
            foreach ($formerly as $old) {
                $heirs[$old][] = $id;
            }
        }

        return array_diff_key($heirs, $taken);
    }
}
