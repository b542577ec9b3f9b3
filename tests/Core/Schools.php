<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\ProofContext;
use LogicException;

/**
 * Safe programs as pilots really fly them, a school each, in the folder `schools`: with names, controls, channels and
 * controllers that the demo hasn't.
 */
final class Schools
{
    /** @return array<string, array{string}> */
    public static function names(): array
    {
        $names = array_map(
            fn (string $path): string => str_replace('-', ' ', basename($path, '.json')),
            glob(__DIR__.'/schools/*.json') ?: throw new LogicException('The schools are gone'),
        );

        return array_combine($names, array_map(fn (string $name): array => [$name], $names));
    }

    public static function context(string $name): ProofContext
    {
        return self::of(self::document($name));
    }

    /** @param  array<string, mixed>  $document */
    public static function of(array $document, ?Transmitter $transmitter = null): ProofContext
    {
        $program = self::program($document);

        return new ProofContext(
            $program,
            $transmitter ?? Given::transmitter($program->transmitter),
            Given::catalogue()->receiver($program->receiver ?? ''),
            $program->controller === null ? null : self::controller($program->controller),
        );
    }

    /** @param  array<string, mixed>  $document */
    public static function program(array $document): Program
    {
        return ProgramDecoder::decode(json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    /** @return array<string, mixed> */
    public static function document(string $name): array
    {
        $text = file_get_contents(__DIR__.'/schools/'.str_replace(' ', '-', $name).'.json');
        $document = json_decode((string) $text, true, flags: JSON_THROW_ON_ERROR);

        return is_array($document) ? $document : throw new LogicException("There is no school \"{$name}\"");
    }

    /** A controller of one's own: its modes have ids that no step has by itself. */
    public static function controller(string $id): Controller
    {
        $definition = DefinitionKind::Controllers->decode(
            (string) json_encode([
                'format' => 'dusk-switch/controller',
                'version' => 1,
                'id' => $id,
                'name' => 'Bench box',
                'kind' => $id === 'bench-bar' ? 'stabiliser' : 'flight-controller',
                'wires' => ['serial'],
                'supply' => [4, 26],
                'draw' => 100,
                'order' => $id === 'bench-bar'
                        ? ['throttle', 'roll', 'pitch', 'yaw', 'collective', 'gain']
                        : ['throttle', 'roll', 'pitch', 'yaw'],
                'lowThrottle' => 1060,
                ...$id === 'bench-bar' ? [] : ['arming' => ['channel' => 5, 'from' => 1700, 'to' => 2100]],
                'modes' => [
                    ['id' => 'steady', 'name' => 'Ruhig', 'flight' => true, 'saves' => true],
                    ['id' => 'home', 'name' => 'Heim', 'flight' => true, 'saves' => true],
                    ['id' => 'wild', 'name' => 'Frei', 'flight' => true],
                    ['id' => 'flip', 'name' => 'Salto', 'risky' => true],
                ],
            ]),
        );

        return $definition instanceof Controller ? $definition : throw new LogicException('A controller');
    }

    /** @return array<string, mixed> */
    public static function stick(string $id, string $axis): array
    {
        return ['id' => $id, 'name' => "Knüppel {$id}", 'purpose' => $axis, 'drive' => ['axis' => $axis]];
    }
}
