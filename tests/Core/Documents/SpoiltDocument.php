<?php

namespace DuskSwitch\Tests\Core\Documents;

use Random\Engine\Mt19937;
use Random\Randomizer;
use stdClass;

/** Spoils a document in one to three places, at any depth: as a slip of the pen, or as a stranger's program would. */
final class SpoiltDocument
{
    private const WRONG = [null, true, false, '', 'Not An Id!', "tab\there", -99, 1e9, 0.5, [], [1, 2, 3]];

    private readonly Randomizer $random;

    private function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** The document, spoilt; the one given stays whole. */
    public static function of(stdClass $document, int $seed): stdClass
    {
        $spoiling = new self($seed);
        $spoilt = json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        assert($spoilt instanceof stdClass);
        for ($times = $spoiling->random->getInt(1, 3); $times > 0; $times--) {
            $holders = [];
            self::collect($spoilt, $holders);
            $holder = $holders[$spoiling->random->getInt(0, count($holders) - 1)];
            $spoiling->spoil($holder);
        }

        return $spoilt;
    }

    /** @param  list<stdClass>  $holders  every object in it that has keys */
    private static function collect(mixed $node, array &$holders): void
    {
        if ($node instanceof stdClass && get_object_vars($node) !== []) {
            $holders[] = $node;
        }
        if ($node instanceof stdClass || is_array($node)) {
            foreach ((array) $node as $inside) {
                self::collect($inside, $holders);
            }
        }
    }

    private function spoil(stdClass $holder): void
    {
        $keys = array_keys(get_object_vars($holder));
        if ($keys === []) {
            return;
        }
        $key = (string) $keys[$this->random->getInt(0, count($keys) - 1)];
        $value = $holder->{$key};
        switch ($this->random->getInt(0, 7)) {
            case 0:
                unset($holder->{$key});
                break;
            case 1:
                $holder->{"{$key}-x"} = $value;
                break;
            case 2:
                $holder->{$key} =
                    is_array($value) && $value !== []
                        ? array_merge(...array_fill(0, $this->random->getInt(2, 40), $value))
                        : [$value, $value];
                break;
            case 3:
                $holder->{$key} = new stdClass();
                break;
            case 4:
                $holder->{$key} = match (true) {
                    is_int($value), is_float($value) => [$value * 100, -$value, $value + 0.5][
                        $this->random->getInt(0, 2)
                    ],
                    is_string($value) => str_repeat("{$value} ", 200),
                    is_bool($value) => (int) $value,
                    is_array($value) => array_slice($value, 1),
                    default => (string) json_encode($value),
                };
                break;
            default:
                $holder->{$key} = self::WRONG[$this->random->getInt(0, count(self::WRONG) - 1)];
        }
    }
}
