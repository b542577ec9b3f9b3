<?php

namespace DuskSwitch\App\Backup;

use stdClass;

/**
 * One row that is here and in a backup. What only one side has, or only one side has changed since the row was made, is
 * taken; where both have something ours stays and theirs is written under the note, so nothing is lost. Laying the same
 * backup over it once more changes nothing.
 */
final readonly class RowMerge
{
    private const FROM = 'From the backup: ';

    public function __construct(private stdClass $ours, private stdClass $theirs) {}

    /**
     * What ours becomes.
     *
     * @param  array<string, string>  $columns  what each is called
     * @return array<string, mixed> by column, the note among them
     */
    public function values(array $columns): array
    {
        $values = ['note' => $this->note()];
        foreach ($columns as $column => $called) {
            [$mine, $theirs] = [$this->ours->{$column}, $this->theirs->{$column}];
            if ($mine === $theirs || self::isEmpty($theirs)) {
                continue;
            }
            if (self::isEmpty($mine) || $this->isOnlyTheirs()) {
                $values[$column] = $theirs;
            } elseif (! $this->isOnlyOurs()) {
                $values = $this->noted($values, "{$called} {$theirs}");
            }
        }

        return $values;
    }

    /**
     * Something of theirs under the note, once.
     *
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    public function noted(array $values, string $says): array
    {
        $note = (string) ($values['note'] ?? $this->ours->note);
        $line = self::FROM.$says;

        return in_array($line, explode("\n", $note), true)
            ? $values
            : [...$values, 'note' => ltrim("{$note}\n{$line}", "\n")];
    }

    /** @return array<string, string> all marks of both, by their time */
    public function marks(): array
    {
        $mine = (array) json_decode($this->ours->marks, true);
        $more = array_filter(
            (array) json_decode($this->theirs->marks, true),
            fn (array $one): bool => ! in_array($one, $mine, false),
        );
        if ($more === []) {
            return [];
        }
        $all = [...$mine, ...$more];
        usort($all, fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return ['marks' => (string) json_encode($all)];
    }

    private function note(): string
    {
        [$mine, $theirs] = [(string) $this->ours->note, trim((string) $this->theirs->note)];

        return match (true) {
            $theirs === '' || str_contains($mine, $theirs) || $this->isOnlyOurs() => $mine,
            trim($mine) === '' || str_contains($theirs, trim($mine)) || $this->isOnlyTheirs() => (string) $this->theirs
                ->note,
            default => "{$mine}\n".self::FROM.$theirs,
        };
    }

    private function isOnlyOurs(): bool
    {
        return ! self::isChanged($this->theirs) && self::isChanged($this->ours);
    }

    private function isOnlyTheirs(): bool
    {
        return ! self::isChanged($this->ours) && self::isChanged($this->theirs);
    }

    private static function isChanged(stdClass $row): bool
    {
        return $row->updated_at !== $row->created_at;
    }

    private static function isEmpty(mixed $value): bool
    {
        return $value === null || $value === '';
    }
}
