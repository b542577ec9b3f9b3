<?php

namespace DuskSwitch\App\Stores;

use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Kit\Transmitters;

/** The transmitter definitions that ship with the app, one document a file. */
final class ShippedTransmitters implements Transmitters
{
    /** @var array<string, Transmitter> */
    private array $read = [];

    public function __construct(private readonly string $folder) {}

    public function find(string $id): ?Transmitter
    {
        $file = "{$this->folder}/{$id}.json";
        if (isset($this->read[$id]) || preg_match('/^[a-z][a-z0-9-]*$/D', $id) !== 1 || ! is_file($file)) {
            return $this->read[$id] ?? null;
        }

        return $this->read[$id] = TransmitterDecoder::decode((string) file_get_contents($file));
    }

    public function ids(): array
    {
        return array_map(fn (string $file): string => basename($file, '.json'), glob("{$this->folder}/*.json") ?: []);
    }
}
