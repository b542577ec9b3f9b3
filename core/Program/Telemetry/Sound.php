<?php

namespace DuskSwitch\Core\Program\Telemetry;

/** What is played before the words of a call; the interface plays its notes. */
enum Sound: string
{
    case Chirp = 'chirp';
    case Knock = 'knock';
    case Siren = 'siren';

    /** Its name. */
    public function says(): string
    {
        return match ($this) {
            self::Chirp => 'A chirp, rising',
            self::Knock => 'Two knocks',
            self::Siren => 'A siren, high and low',
        };
    }

    /** @return list<array{hertz: int, seconds: float}> one after the other; 0 Hz is a pause */
    public function notes(): array
    {
        return match ($this) {
            self::Chirp => self::row([660, 0.07], [990, 0.09]),
            self::Knock => self::row([520, 0.09], [0, 0.08], [520, 0.09]),
            self::Siren => self::row([1250, 0.16], [830, 0.16], [1250, 0.16], [830, 0.16]),
        };
    }

    /** Seconds that it takes. */
    public function seconds(): float
    {
        return round(array_sum(array_column($this->notes(), 'seconds')), 2);
    }

    /**
     * @param  array{int, float}  ...$notes
     * @return list<array{hertz: int, seconds: float}>
     */
    private static function row(array ...$notes): array
    {
        return array_map(fn (array $one): array => ['hertz' => $one[0], 'seconds' => $one[1]], array_values($notes));
    }
}
