<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Aircraft;
use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\Output\DiffOnlyOutputBuilder;

/** The controller's own settings as text, kept with the aircraft before and after each change. */
final readonly class KeptSettings
{
    private const KIND = 'settings';

    /** What is shown of a list, and of the differences between two. */
    private const MOST = 20;

    private const MOST_LINES = 200;

    /**
     * The newest first, each with what it changed in the one before.
     *
     * @return list<array{id: int, at: string, revision: int, note: string|null, lines: int, changed: list<string>}>
     */
    public function of(Aircraft $aircraft): array
    {
        $kept = $this->acts($aircraft)->limit(self::MOST + 1)->get();
        $rows = [];
        foreach ($kept->take(self::MOST) as $place => $act) {
            $before = $kept[$place + 1] ?? null;
            $rows[] = [
                'id' => $act->id,
                'at' => $act->created_at->toIso8601ZuluString(),
                'revision' => $act->revision,
                'note' => $act->note,
                'lines' => substr_count($act->items[0] ?? '', "\n") + 1,
                'changed' => $before === null ? [] : self::changed($before->items[0] ?? '', $act->items[0] ?? ''),
            ];
        }

        return $rows;
    }

    /** The text of one, or null. */
    public function text(Aircraft $aircraft, int $id): ?string
    {
        return $this->acts($aircraft)->whereKey($id)->first()->items[0] ?? null;
    }

    /** Keeps a text; the same as the last one is not kept twice. */
    public function keep(Aircraft $aircraft, string $text, ?string $note): void
    {
        $text = trim(str_replace(["\r\n", "\r"], "\n", $text));
        if ($this->acts($aircraft)->first()?->items === [$text]) {
            return;
        }
        Act::create([
            'aircraft_id' => $aircraft->id,
            'kind' => self::KIND,
            'about' => 'controller',
            'revision' => $aircraft->head,
            'fingerprint' => null,
            'items' => [$text],
            'note' => $note,
        ]);
    }

    /** @return list<string> lines that went, with a minus, and lines that came, with a plus */
    private static function changed(string $before, string $after): array
    {
        $differ = new Differ(new DiffOnlyOutputBuilder(''));
        $lines = array_values(
            array_filter(
                explode("\n", $differ->diff("{$before}\n", "{$after}\n")),
                fn (string $line): bool => str_starts_with($line, '+') || str_starts_with($line, '-'),
            ),
        );

        return array_slice($lines, 0, self::MOST_LINES);
    }

    /** @return \Illuminate\Database\Eloquent\Builder<Act> the newest first */
    private function acts(Aircraft $aircraft): \Illuminate\Database\Eloquent\Builder
    {
        return Act::query()
            ->where('aircraft_id', $aircraft->id)
            ->where('kind', self::KIND)
            ->orderByDesc('id');
    }
}
