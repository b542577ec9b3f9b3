<?php

namespace DuskSwitch\Core\Kinds;

/** Lists that nobody keeps by hand: what lies in the folder of a kind is one of it. */
final class Kinds
{
    /** @var array<string, list<object>> by interface */
    private static array $found = [];

    /**
     * One object of every class in a folder that is of a kind, by the name of the class.
     *
     * @template T of object
     *
     * @param  string  $folder  where the classes lie, a class a file
     * @param  string  $namespace  of the classes
     * @param  class-string<T>  $kind  an interface of classes that are made of nothing
     * @return list<T>
     */
    public static function in(string $folder, string $namespace, string $kind): array
    {
        $found = [];
        foreach (self::$found[$kind] ??= self::made($folder, $namespace, $kind) as $one) {
            if ($one instanceof $kind) {
                $found[] = $one;
            }
        }

        return $found;
    }

    /** @return list<object> */
    private static function made(string $folder, string $namespace, string $kind): array
    {
        $made = [];
        foreach (glob("{$folder}/*.php") ?: [] as $file) {
            $class = $namespace.'\\'.basename($file, '.php');
            if (is_subclass_of($class, $kind)) {
                $made[] = new $class();
            }
        }

        return $made;
    }
}
