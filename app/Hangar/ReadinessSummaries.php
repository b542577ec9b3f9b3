<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Http\ReadinessJson;
use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Definition;
use DuskSwitch\App\Models\DefinitionRevision;
use DuskSwitch\Core\Fault\Refused;

/**
 * How every aircraft of the hangar stands, at a glance. A proof takes its time, so what was found is kept in a file
 * until the program, what was done with it, or the pilot's own equipment changes.
 *
 * @phpstan-type Summary array{ready: bool, settled: int, all: int, next: array<string, string>|null}
 */
final readonly class ReadinessSummaries
{
    /** Files that are kept; all go where there are more. */
    private const MOST = 500;

    /** @param  string|null  $folder  null keeps nothing */
    public function __construct(private ReadinessBook $book, private ?string $folder) {}

    /** @return array<int, Summary|null> by the aircraft's id; null where the program can't run */
    public function all(): array
    {
        $acts = Act::query()
            ->groupBy('aircraft_id')
            ->selectRaw('aircraft_id, max(id) || \'/\' || count(*) as state')
            ->pluck('state', 'aircraft_id');
        $equipment = DefinitionRevision::query()->max('id').'/'.Definition::query()->orderBy('id')->pluck('id')->implode(',');
        $summaries = [];
        foreach (Aircraft::withDocument()->get() as $aircraft) {
            $key = [(string) $aircraft->document, $acts[$aircraft->id] ?? '', $equipment];
            $summaries[$aircraft->id] = $this->summary($aircraft, hash('xxh128', implode("\0", $key)));
        }

        return $summaries;
    }

    /** @return Summary|null */
    private function summary(Aircraft $aircraft, string $key): ?array
    {
        $file = "{$this->folder}/{$key}.json";
        $kept = $this->folder === null ? false : @file_get_contents($file);
        $summary = $kept === false ? null : json_decode($kept, true);
        if (is_array($summary) && isset($summary['ready'], $summary['settled'], $summary['all'])) {
            /** @var Summary $summary */
            return $summary;
        }
        try {
            $summary = ReadinessJson::summary($this->book->of($aircraft));
        } catch (Refused) {
            return null;
        }
        $this->keep($file, (string) json_encode($summary));

        return $summary;
    }

    private function keep(string $file, string $text): void
    {
        if ($this->folder === null || (! is_dir($this->folder) && ! @mkdir($this->folder, 0o700, true))) {
            return;
        }
        $part = $file.'.'.getmypid();
        if (@file_put_contents($part, $text) === strlen($text)) {
            @rename($part, $file);
        }
        if (count(glob("{$this->folder}/*") ?: []) > self::MOST) {
            array_map(fn (string $one): bool => @unlink($one), glob("{$this->folder}/*") ?: []);
        }
    }
}
