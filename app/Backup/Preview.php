<?php

namespace DuskSwitch\App\Backup;

/** What restoring a backup would do, or has done. */
final readonly class Preview
{
    /**
     * @param  list<array{name: string, is: RestoreStatus}>  $aircraft
     * @param  list<array{name: string, is: RestoreStatus}>  $definitions
     * @param  list<string>  $gone  names of aircraft that are here and not in the backup: replacing takes them away
     * @param  array<string, Tally>  $logbook  by what is counted
     */
    public function __construct(
        public array $aircraft,
        public array $definitions,
        public array $gone,
        public array $logbook,
    ) {}

    public static function of(Merge $merge): self
    {
        return new self($merge->aircraft(), $merge->definitions(), $merge->gone(), $merge->logbook());
    }

    /** @return array<string, mixed> as the interface reads it */
    public function json(): array
    {
        $plain = fn (array $one): array => ['name' => $one['name'], 'is' => $one['is']->value];

        return [
            'aircraft' => array_map($plain, $this->aircraft),
            'equipment' => array_map($plain, $this->definitions),
            'gone' => $this->gone,
            'logbook' => array_map(
                fn (string $what, Tally $one): array => [
                    'what' => $what,
                    'new' => $one->new,
                    'same' => $one->same,
                    'both' => $one->both,
                    'gone' => $one->gone,
                    'says' => $one->says(),
                ],
                array_keys($this->logbook),
                $this->logbook,
            ),
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
        foreach ($this->logbook as $what => $tally) {
            $lines[] = sprintf('%-20s %s', $what, $tally->says());
        }

        return implode("\n", [
            ...$lines,
            ...$this->gone === [] ? [] : ['only here: '.implode(', ', $this->gone).' (--replace takes them away)'],
        ])."\n";
    }
}
