<?php

namespace DuskSwitch\App\Backup;

/** What restoring a backup would do. */
final readonly class Preview
{
    /**
     * @param  list<array{name: string, is: RestoreStatus}>  $aircraft
     * @param  list<array{name: string, is: RestoreStatus}>  $definitions
     * @param  list<string>  $gone  names of aircraft that are here and not in the backup: replacing takes them away
     */
    public function __construct(public array $aircraft, public array $definitions, public array $gone) {}

    /** @return array<string, mixed> as the interface reads it */
    public function json(): array
    {
        $plain = fn (array $one): array => ['name' => $one['name'], 'is' => $one['is']->value];

        return [
            'aircraft' => array_map($plain, $this->aircraft),
            'equipment' => array_map($plain, $this->definitions),
            'gone' => $this->gone,
        ];
    }

    /** In words, a line each. */
    public function says(): string
    {
        $lines = [];
        foreach (['aircraft' => $this->aircraft, 'equipment' => $this->definitions] as $what => $all) {
            foreach (RestoreStatus::cases() as $standing) {
                $names = array_column(array_filter($all, fn (array $one): bool => $one['is'] === $standing), 'name');
                if ($names !== []) {
                    $lines[] = sprintf(
                        '%-10s %-9s %3d  %s',
                        $what,
                        $standing->value,
                        count($names),
                        $standing === RestoreStatus::Same
                            ? ''
                            : implode(', ', array_slice($names, 0, 8)).(count($names) > 8 ? ', …' : ''),
                    );
                }
            }
        }

        return implode("\n", [
            ...$lines,
            ...$this->gone === [] ? [] : ['only here: '.implode(', ', $this->gone).' (--replace takes them away)'],
        ])."\n";
    }
}
