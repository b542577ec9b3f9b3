<?php

namespace DuskSwitch\App\Stores;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\Kit\ControllerDecoder;
use DuskSwitch\Core\Format\Kit\PowerDecoder;
use DuskSwitch\Core\Format\Kit\ReceiverDecoder;
use DuskSwitch\Core\Format\Node;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\Shelf;
use DuskSwitch\Core\Kit\SpeedController;

/** The definitions that ship with the app, one document a file, a folder a kind. */
final readonly class ShippedShelf implements Shelf
{
    public function __construct(private string $folder) {}

    public function receiver(string $id): ?Receiver
    {
        return $this->read('receivers', $id, ReceiverDecoder::read(...));
    }

    public function controller(string $id): ?Controller
    {
        return $this->read('controllers', $id, ControllerDecoder::read(...));
    }

    public function pack(string $id): ?Pack
    {
        return $this->read('packs', $id, PowerDecoder::pack(...));
    }

    public function speedController(string $id): ?SpeedController
    {
        return $this->read('speed-controllers', $id, PowerDecoder::speedController(...));
    }

    /** @return list<\stdClass> the documents of a kind */
    public function documents(string $kind): array
    {
        return array_map(fn (string $file): \stdClass => (object) json_decode((string) file_get_contents($file)), glob("{$this->folder}/{$kind}/*.json") ?: []);
    }

    /**
     * @template T
     *
     * @param  callable(Node): T  $decode
     * @return T|null
     */
    private function read(string $kind, string $id, callable $decode): mixed
    {
        $file = "{$this->folder}/{$kind}/{$id}.json";
        if (preg_match('/^[a-z][a-z0-9-]*$/D', $id) !== 1 || ! is_file($file)) {
            return null;
        }
        $node = new Node(Json::decode((string) file_get_contents($file)), '', new Faults);
        $found = $decode($node);
        $node->faults->refuseAny();

        return $found;
    }
}
