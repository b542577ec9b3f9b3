<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\GlanceCell;
use DuskSwitch\Core\Program\Telemetry\GlanceKind;
use DuskSwitch\Core\Program\Telemetry\GlanceLook;
use DuskSwitch\Core\Program\Telemetry\GlancePage;
use DuskSwitch\Core\Telemetry\Values;

/** What to look at, page by page: on the transmitter's screen, and in the video picture. */
final readonly class GlanceLines
{
    public function __construct(private Program $program, private Transmitter $transmitter, private Values $values) {}

    /** @return list<Section> */
    public function sections(): array
    {
        $of = fn (GlanceKind $kind): array => array_filter(
            $this->program->sense->pages,
            fn (GlancePage $one): bool => $one->kind === $kind,
        );
        $lines = fn (GlanceKind $kind): array => array_merge(...array_map($this->lines(...), array_values($of($kind))));

        return [
            new Section('Pages on the screen', '', $lines(GlanceKind::Screen)),
            new Section(
                'Values in the video picture',
                'Set where the picture is made; its middle stays clear.',
                $lines(GlanceKind::Picture),
            ),
        ];
    }

    /** @return list<Line> */
    private function lines(GlancePage $page): array
    {
        $entry = $this->transmitter->keying->telemetry;
        $lost = $page->kind === GlanceKind::Screen && $entry?->pages !== null && $this->place($page) >= $entry->pages
            ? "{$this->transmitter->name} has room for {$entry->pages} pages"
            : null;
        $phases = array_column($this->program->phases, 'name', 'id');
        $for = $page->phase === null ? '' : ' for '.($phases[$page->phase] ?? $page->phase);
        $lines = [];
        foreach ($page->cells as $place => $cell) {
            $says = $this->says($cell);
            $where = $cell->place === null ? (string) ($place + 1) : $cell->place->says();
            $full = $page->kind === GlanceKind::Screen && $entry?->cells !== null && $place >= $entry->cells
                ? "{$this->transmitter->name} shows {$entry->cells} values on a page"
                : null;
            $why = $lost ?? $full;
            $lines[] = $why === null
                ? new Line("{$page->name}{$for}, {$where}", $says, about: "{$page->id} {$place}")
                : new Line("{$page->name}{$for}, {$where}", 'no room for it', $says, $why, "{$page->id} {$place}");
        }

        return $lines;
    }

    private function place(GlancePage $page): int
    {
        $screens = array_filter($this->program->sense->pages, fn (GlancePage $one): bool => $one->kind === $page->kind);

        return (int) array_search($page, array_values($screens), true);
    }

    private function says(GlanceCell $cell): string
    {
        $name = $this->values->find($cell->value)->name ?? $cell->value;

        return $cell->look === GlanceLook::Number ? $name : "{$name}, as {$this->look($cell->look)}";
    }

    private function look(GlanceLook $look): string
    {
        return $look === GlanceLook::Bar ? 'a bar' : 'an arrow towards home';
    }
}
