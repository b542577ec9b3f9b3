<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\FreeId;
use DuskSwitch\Core\Program\PartKind;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\GlanceCell;
use DuskSwitch\Core\Program\Telemetry\GlanceKind;
use DuskSwitch\Core\Program\Telemetry\GlanceLook;
use DuskSwitch\Core\Program\Telemetry\GlancePage;
use DuskSwitch\Core\Program\Telemetry\GlancePlace;

/** Pages for the tasks that a program's values serve, made of what there is (common practice). */
final readonly class ObviousPages
{
    /** The corners first: they hide least. */
    private const PLACES = [
        GlancePlace::BottomLeft,
        GlancePlace::BottomRight,
        GlancePlace::TopLeft,
        GlancePlace::TopRight,
        GlancePlace::Top,
        GlancePlace::Bottom,
    ];

    private function __construct(private Program $program, private Values $values) {}

    /** @return list<GlancePage> those that show two values at least and aren't there by that name */
    public static function of(Program $program, Values $values): array
    {
        $all = new self($program, $values);
        $there = $program->sense->pages;
        $taken = array_column($there, 'id');
        $pages = [];
        foreach ($all->tasks() as $name => $cells) {
            $cells = array_values(array_filter($cells));
            $isPicture = $name === 'Video picture';
            if (count($cells) >= 2 && ! in_array($name, array_column($there, 'name'), true)) {
                $id = FreeId::like(strtolower(str_replace(' ', '-', $name)), $taken);
                $kind = $isPicture ? GlanceKind::Picture : GlanceKind::Screen;
                $cells = array_slice($cells, 0, $kind->atAGlance());
                $pages[] = new GlancePage(
                    id: $id,
                    name: $name,
                    kind: $kind,
                    phase: null,
                    cells: $isPicture ? self::placed($cells) : $cells,
                );
            }
        }

        return $pages;
    }

    /** @return array<string, list<GlanceCell|null>> by the name of the task, the most needed first */
    private function tasks(): array
    {
        $pack =
            $this->derived('cell-average') ?? ($this->measures(Measurand::Cell) ?? $this->measures(Measurand::Volts));
        $used = $this->derived('used-share') ?? ($this->measures(Measurand::Used) ?? $this->derived('used'));
        $timer = $this->derived('timer') ?? $this->derived('count-down');
        $height =
            $this->derived('relative') ?? ($this->measures(Measurand::Height) ?? $this->measures(Measurand::Altitude));
        $climb = $this->measures(Measurand::Climb) ?? $this->derived('climb');
        $home = $this->derived('distance') ?? $this->derived('slant');
        $arrow = $this->derived('bearing', GlanceLook::Arrow);
        $speed = $this->measures(Measurand::Speed);
        $link = $this->cell('link-quality');
        $fastest = $speed === null ? null : $this->highest($speed->value);
        $air = $this->derived('stall-margin') ?? $this->measures(Measurand::Airspeed);

        return [
            'Flight' => [$pack, $used, $timer, $link, $height],
            ...$home === null && $arrow === null ? [] : ['Way home' => [$arrow, $home, $height, $speed]],
            ...$climb === null ? [] : ['Soaring' => [$climb, $height, $pack, $timer]],
            ...$fastest === null ? [] : ['Speed run' => [$speed, $fastest, $air, $pack]],
            ...$this->hasPicture() ? ['Video picture' => [$pack, $timer ?? $used, $home, $link, $arrow, $height]] : [],
        ];
    }

    private function hasPicture(): bool
    {
        return $this->program->aboard->kit->has(PartKind::Video) ||
            in_array($this->program->family, [Family::Multirotor, Family::TinyMultirotor], true);
    }

    private function measures(Measurand $measures): ?GlanceCell
    {
        foreach ($this->values->all as $value) {
            if ($value->measures === $measures) {
                return new GlanceCell(value: $value->id);
            }
        }

        return null;
    }

    private function derived(string $does, GlanceLook $look = GlanceLook::Number): ?GlanceCell
    {
        foreach ($this->program->sense->values as $one) {
            if ($one->does->id() === $does) {
                return new GlanceCell(value: $one->id, look: $look);
            }
        }

        return null;
    }

    /** The highest of a value since the reset. */
    private function highest(string $of): ?GlanceCell
    {
        foreach ($this->program->sense->values as $one) {
            if ($one->does->id() === 'most' && $one->of === [$of]) {
                return new GlanceCell(value: $one->id);
            }
        }

        return null;
    }

    private function cell(string $id): ?GlanceCell
    {
        return $this->values->find($id) === null ? null : new GlanceCell(value: $id);
    }

    /**
     * @param  list<GlanceCell>  $cells
     * @return list<GlanceCell>
     */
    private static function placed(array $cells): array
    {
        return array_map(
            fn (GlanceCell $one, GlancePlace $place): GlanceCell => $one->with(place: $place),
            $cells,
            array_slice(self::PLACES, 0, count($cells)),
        );
    }
}
