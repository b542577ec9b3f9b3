<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\GlanceCell;
use DuskSwitch\Core\Program\Telemetry\GlanceKind;
use DuskSwitch\Core\Program\Telemetry\GlanceLook;
use DuskSwitch\Core\Program\Telemetry\GlancePage;

/** Can a page be taken in at a glance, and does a page show what matters? */
final readonly class GlanceCheck
{
    public function __construct(private Program $program, private Values $values) {}

    /**
     * Points by what they are about: "page:flight", "pages".
     *
     * @return list<array{string, VerdictPoint}>
     */
    public function points(): array
    {
        $points = [];
        foreach ($this->program->sense->pages as $page) {
            foreach ($this->page($page) as $point) {
                $points[] = ["page:{$page->id}", $point];
            }
        }

        return [...$points, ...array_map(fn (VerdictPoint $one): array => ['pages', $one], $this->unseen())];
    }

    /** @return list<VerdictPoint> */
    private function page(GlancePage $page): array
    {
        $points = [];
        $count = count($page->cells);
        if ($count === 0) {
            $points[] = VerdictPoint::look('Page', "{$page->name} shows nothing.", 'Add a value, or take the page out.');
        }
        $most = $page->kind->atAGlance();
        if ($count > $most) {
            $points[] = VerdictPoint::look(
                'Page',
                $page->kind === GlanceKind::Screen
                    ? "{$page->name} has {$count} values: they are small and not read at a glance."
                    : "{$page->name} has {$count} values: they cover much of the picture.",
                "Keep {$most} or fewer, and make another page for the rest.",
            );
        }
        if ($page->phase !== null && ! in_array($page->phase, array_column($this->program->phases, 'id'), true)) {
            $points[] = VerdictPoint::wrong(
                'Page',
                "{$page->name} is for a phase “{$page->phase}”, and there is none.",
                'Choose a phase that is there, or none.',
            );
        }
        $seen = [];
        foreach ($page->cells as $cell) {
            $points[] = $this->cell($page, $cell, isset($seen["{$cell->value} {$cell->look->value}"]));
            $seen["{$cell->value} {$cell->look->value}"] = true;
        }

        return array_values(array_filter($points));
    }

    private function cell(GlancePage $page, GlanceCell $cell, bool $again): ?VerdictPoint
    {
        $value = $this->values->find($cell->value);

        return match (true) {
            $value === null => VerdictPoint::wrong(
                'Page',
                "{$page->name} shows “{$cell->value}”, which nothing sends.",
                'Choose another value, or add the sensor.',
            ),
            $again => VerdictPoint::look('Page', "{$page->name} shows {$value->name} twice.", 'Take one of them out.'),
            $cell->look === GlanceLook::Arrow && ! $this->isBearing($cell->value) => VerdictPoint::wrong(
                'Page',
                "{$page->name}: {$value->name} is no bearing from home, so no arrow can follow it.",
                'Choose a bearing from home, or show it as a number.',
            ),
            $cell->look === GlanceLook::Bar && $value->range === null => VerdictPoint::wrong(
                'Page',
                "{$page->name}: nobody knows between which ends {$value->name} stays, so no bar can be drawn.",
                'Show it as a number.',
            ),
            default => null,
        };
    }

    private function isBearing(string $id): bool
    {
        foreach ($this->program->sense->values as $one) {
            if ($one->id === $id) {
                return $one->does->id() === 'bearing';
            }
        }

        return false;
    }

    /** @return list<VerdictPoint> what warns and is on no page: one looks when one is warned */
    private function unseen(): array
    {
        if ($this->program->sense->pages === []) {
            return [];
        }
        $shown = [];
        foreach ($this->program->sense->pages as $page) {
            foreach ($page->cells as $cell) {
                $shown[$cell->value] = true;
            }
        }
        $unseen = [];
        foreach ($this->program->sense->calls as $call) {
            foreach ($call->isAlarm() ? ConditionTree::all($call->when) : [] as $one) {
                $value = $one instanceof SensorLevel ? $this->values->find($one->sensor) : null;
                if ($value !== null && ! isset($shown[$value->id])) {
                    $unseen[$value->id] = VerdictPoint::look(
                        'Page',
                        "{$call->name} warns of {$value->name}, and no page shows it.",
                        'Put it on a page: one looks when one is warned.',
                    );
                }
            }
        }

        return [...array_values($unseen), ...$this->needed($shown)];
    }

    /**
     * What every flight needs and no page shows: how the pack stands, and the way home where a position tells it.
     *
     * @param  array<string, true>  $shown  ids of values
     * @return list<VerdictPoint>
     */
    private function needed(array $shown): array
    {
        $pack = $home = [];
        foreach ($this->values->all as $value) {
            if (in_array($value->measures, [Measurand::Volts, Measurand::Cell, Measurand::Used], true)) {
                $pack[] = $value->id;
            }
        }
        foreach ($this->program->sense->values as $one) {
            if (in_array($one->does->id(), ['cell-average', 'used', 'used-share', 'timer', 'count-down'], true)) {
                $pack[] = $one->id;
            } elseif (in_array($one->does->id(), ['distance', 'bearing', 'slant'], true)) {
                $home[] = $one->id;
            }
        }

        return [
            ...self::isOnNone($pack, $shown)
                ? [VerdictPoint::look('Page', 'No page shows how the pack stands.', 'Show a cell, what is used, or a timer.')]
                : [],
            ...self::isOnNone($home, $shown)
                ? [VerdictPoint::look('Page', 'No page shows the way home.', 'Show the distance, or an arrow.')]
                : [],
        ];
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, true>  $shown
     */
    private static function isOnNone(array $ids, array $shown): bool
    {
        return $ids !== [] && array_intersect_key(array_fill_keys($ids, true), $shown) === [];
    }
}
