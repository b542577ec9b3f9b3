<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Program\AcceptedFinding;
use DuskSwitch\Core\Program\Failsafe;
use DuskSwitch\Core\Program\Installation;
use DuskSwitch\Core\Program\Reading;
use DuskSwitch\Core\Program\SurfaceThrow;

/** Writes what flies with a program. */
final class AboardEncoder
{
    /** @return array<string, mixed> what there is, by key */
    public static function encode(Installation $aboard): array
    {
        $kit = array_filter(
            [
                'link' => $aboard->kit->link,
                'subtype' => $aboard->kit->subtype,
                'wire' => $aboard->kit->wire,
                'input' => $aboard->kit->input,
                'power' => $aboard->kit->power,
                'pack' => $aboard->kit->pack,
                'speedController' => $aboard->kit->speedController,
                'ports' => array_map(
                    fn (string|int $port, string $owner): array => ['port' => (string) $port, 'owner' => $owner],
                    array_keys($aboard->kit->ports),
                    array_values($aboard->kit->ports),
                ),
                'parts' => PartsDecoder::write($aboard->kit->parts),
                'memory' => $aboard->kit->memory,
                'match' => $aboard->kit->match,
            ],
            fn (mixed $value): bool => $value !== null && $value !== [],
        );

        return array_filter([
            'kit' => $kit,
            'controller' => SetupEncoder::encode($aboard->controller),
            'failsafe' => array_map(
                fn (int $channel, Failsafe $does): array => [
                    'channel' => $channel,
                    'does' => $does->pulse ?? ($does->holds ? 'hold' : 'off'),
                ],
                array_keys($aboard->failsafe),
                $aboard->failsafe,
            ),
            'startCheck' => $aboard->startCheck,
            'accepted' => array_map(
                fn (AcceptedFinding $one): array => ['finding' => $one->finding, 'reason' => $one->reason],
                $aboard->accepted,
            ),
            'readings' => array_map(
                fn (Reading $one): array => ['channel' => $one->channel, 'sent' => $one->sent, 'read' => $one->read],
                array_values($aboard->readings),
            ),
            'throws' => array_map(
                fn (SurfaceThrow $one): array => [
                    'channel' => $one->channel,
                    'unit' => $one->unit->value,
                    'sent' => $one->sent,
                    'moved' => $one->moved,
                    ...$one->chord === null ? [] : ['chord' => $one->chord],
                ],
                array_values($aboard->throws),
            ),
        ]);
    }
}
