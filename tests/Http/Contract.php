<?php

namespace DuskSwitch\Tests\Http;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\Yaml\Yaml;

/** `schema/openapi.yaml`: what an answer must look like. */
final class Contract
{
    private const BASE = 'https://dusk-switch.example/schema/';

    private static ?array $api = null;

    private static ?Validator $validator = null;

    /** Fails the test where the body isn't what the contract says for that path and status. */
    public static function check(string $method, string $path, int $status, string $body): void
    {
        $api = self::$api ??= Yaml::parseFile(__DIR__.'/../../schema/openapi.yaml');
        foreach ($api['paths'] as $template => $operations) {
            $pattern =
                '#^'.
                preg_replace(
                    '/\{\w+\}/',
                    preg_match('#^/api/(stores|jobs|restore)/|/export/\{#', $template) === 1 ? '[a-z0-9-]+' : '\d+',
                    $template,
                ).
                '$#';
            if (preg_match($pattern, $path) !== 1 || ! isset($operations[strtolower($method)])) {
                continue;
            }
            $responses = $operations[strtolower($method)]['responses'];
            Assert::assertArrayHasKey($status, $responses, "{$method} {$template} has no {$status} in the contract");
            $response = $responses[$status];
            $pointer = isset($response['$ref'])
                ? substr($response['$ref'], 1).'/content/application~1json/schema'
                : '/paths/'.
                    str_replace('/', '~1', $template).
                    '/'.
                    strtolower($method).
                    "/responses/{$status}/content/application~1json/schema";
            self::fits($body, rawurlencode_pointer($pointer));

            return;
        }
        Assert::assertSame(404, $status, "{$method} {$path} is not in the contract");
    }

    private static function fits(string $body, string $pointer): void
    {
        $result = self::validator()->validate(json_decode($body), self::BASE."openapi.json#{$pointer}");
        $error = $result->error();
        Assert::assertNull(
            $error,
            $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error), JSON_PRETTY_PRINT),
        );
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator();
            $resolver = self::$validator->resolver();
            $resolver?->registerRaw((string) json_encode(self::$api), self::BASE.'openapi.json');
            $resolver?->registerFile(self::BASE.'program.schema.json', __DIR__.'/../../schema/program.schema.json');
        }

        return self::$validator;
    }
}

/** A JSON pointer as a URI fragment. */
function rawurlencode_pointer(string $pointer): string
{
    return implode('/', array_map(rawurlencode(...), explode('/', $pointer)));
}
