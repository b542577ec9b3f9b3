<?php

namespace DuskSwitch\Tests\Browser;

use RuntimeException;

/**
 * Every view of the app, from the list that the app itself is made of (resources/js/parts/places.json), each with where
 * it is tried and what stands on it once it is there. A view that nobody has told of here is an error.
 */
final class Screens
{
    private const PLACES = __DIR__.'/../../resources/js/parts/places.json';

    /** By station and view: the number of the demo's aircraft, or an address below it, and what is waited for. */
    private const TRIED = [
        'kit/equipment' => ['3', '[data-point]'],
        'kit/binding' => ['3', '[data-step]'],
        'program/loom' => ['3', '[data-thread]'],
        'program/mixing' => ['4', '[data-fall]'],
        'program/rates' => ['3?of=throttle', '[data-point]'],
        'program/throws' => ['4', '[data-surface]'],
        'program/phases' => ['4', '[data-phase]'],
        'program/styles' => ['5', '[data-style]'],
        'program/training' => ['3', '[data-rung]'],
        'program/sheet' => ['3', '[data-section]'],
        'prove/live' => ['3', '[data-stage]'],
        'prove/bench' => ['3', 'main h2'],
        'prove/findings' => ['3', '[data-finding]'],
        'prove/switch-map' => ['3', '[data-state-cell]'],
        'prove/setup' => ['2', '[data-answer]'],
        'prove/failsafe' => ['4', '[data-failsafe]'],
        'telemetry/sensors' => ['4', '[data-sensor]'],
        'telemetry/values' => ['1', '[data-derived]'],
        'telemetry/alarms' => ['2', '[data-alarm]'],
        'telemetry/callouts' => ['5', '[data-phrase]'],
        'telemetry/pages' => ['4', '[data-page]'],
        'telemetry/rehearsal' => ['3', '[aria-label=Flight]'],
        'fly/ready' => ['3', '[data-item]'],
        'fly/checklists' => ['3', '[role=checkbox]'],
        'fly/flights' => ['1', '[data-flight]'],
        'fly/learn' => ['1', '[data-advice]'],
        'fly/upkeep' => ['1', '[data-work]'],
    ];

    private const LOGBOOK = [
        'flights' => '[data-flight]',
        'packs' => '[data-pack]',
        'fields' => '[data-field]',
        'friends' => 'main ol',
    ];

    /** Other states of views: something is selected, there is nothing yet. */
    private const ALSO = [
        'a function' => ['/aircraft/3/program?at=function:roll', '[data-dot]'],
        'a switch' => ['/aircraft/3/program?at=function:mode', '#fn-name'],
        'an output' => ['/aircraft/4/program?at=output:1', '[data-stage]'],
        'a control' => ['/aircraft/3/program?at=control:right-front', '#control-assign'],
        'mixing of a helicopter' => ['/aircraft/5/program/mixing', '[data-fall]'],
        'mixing of a wing' => ['/aircraft/1/program/mixing', '[data-fall]'],
        'no ladder' => ['/aircraft/6/program/training', 'main h2'],
        'nothing sensed' => ['/aircraft/6/telemetry/alarms', '[aria-label="New alarm"]'],
        'no flights' => ['/aircraft/4/fly/flights', '[data-totals]'],
        'a flight' => ['/aircraft/1/fly/flights?flight=1', '[data-finding]'],
        'timeline' => ['/logbook?look=line', '[data-happened]'],
    ];

    /** @return array<string, array{string, string}> address, and what is waited for, by name */
    public static function all(): array
    {
        $screens = ['hangar' => ['/', '[data-aircraft]'], 'equipment' => ['/equipment', 'main h2']];
        foreach (array_keys((array) self::places()->pages->logbook->views) as $view) {
            $ready = self::LOGBOOK[$view] ?? throw new RuntimeException("nobody tries the logbook's view {$view}");
            $screens["logbook/{$view}"] = ["/logbook/{$view}", $ready];
        }

        return [...$screens, ...array_map(fn (array $one): array => [$one[0], $one[1]], self::views()), ...self::ALSO];
    }

    /** @return array<string, array{string, string, string, string}> the stations' views: address, what is waited for, the view's name, and the aircraft */
    public static function views(): array
    {
        $views = [];
        foreach ((array) self::places()->stations as $station => $is) {
            foreach ((array) $is->views as $view => $about) {
                [$at, $ready] =
                    self::TRIED["{$station}/{$view}"] ??
                    throw new RuntimeException("nobody tries the view {$station}/{$view}");
                [$aircraft, $query] = [...explode('?', $at), ''];
                $path = "/aircraft/{$aircraft}/{$station}/{$view}".($query === '' ? '' : "?{$query}");
                $views["{$station}/{$view}"] = [$path, $ready, $about->name, $aircraft];
            }
        }

        return $views;
    }

    private static function places(): \stdClass
    {
        return json_decode((string) file_get_contents(self::PLACES), flags: JSON_THROW_ON_ERROR);
    }
}
