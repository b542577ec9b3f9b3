<?php

namespace DuskSwitch\App\Program;

use Closure;
use DuskSwitch\Core\Signal\Circuit;
use Throwable;

/**
 * Compiled circuits from request to request, each a PHP file that the opcode cache holds: while a stick moves the same
 * document comes a hundred times. A file is put in place whole, so that workers can't meddle with each other; what
 * can't be read is made again.
 */
final readonly class CircuitCache
{
    /** Files that are kept; the oldest go. */
    private const MOST = 64;

    /** Bytes; what is larger takes long however it's come by. */
    private const LARGEST = 400_000;

    /** @param  string|null  $folder  null keeps nothing */
    public function __construct(private ?string $folder) {}

    /**
     * The circuit that was kept for these; made and kept where there is none.
     *
     * @param  mixed  $document  as {@see \DuskSwitch\Core\Format\Json} decoded it
     * @param  list<string|null>  $definitions  the texts of the definitions that it's made with
     * @param  Closure(): Circuit  $make
     */
    public function circuit(mixed $document, array $definitions, Closure $make): Circuit
    {
        if ($this->folder === null) {
            return $make();
        }
        $parts = [json_encode($document, JSON_PRESERVE_ZERO_FRACTION), ...$definitions];
        // Nobody gains by two documents of one hash, and 128 bits keep chance out: the quickest will do.
        $file = "{$this->folder}/".hash('xxh128', implode("\0", $parts)).'.php';

        return self::kept($file) ?? $this->keep($file, $make());
    }

    private static function kept(string $file): ?Circuit
    {
        try {
            $kept = is_file($file) ? include $file : null;
            $circuit = is_array($kept) && is_string($kept[0] ?? null) ? unserialize($kept[0]) : null;

            return $circuit instanceof Circuit &&
                ($kept[1] ?? null) instanceof Closure &&
                ($kept[2] ?? null) instanceof Closure
                ? $circuit->running($kept[1], $kept[2])
                : null;
        } catch (Throwable) {
            return null;
        }
    }

    private function keep(string $file, Circuit $circuit): Circuit
    {
        [$frame, $tick] = $circuit->sources();
        $code = '<?php return ['.var_export(serialize($circuit), true).", {$frame}, {$tick}];";
        $part = $file.'.'.getmypid();
        if (
            strlen($code) <= self::LARGEST &&
            (is_dir((string) $this->folder) || @mkdir((string) $this->folder, 0o700, true)) &&
            @file_put_contents($part, $code) === strlen($code)
        ) {
            @rename($part, $file);
            $this->tidy();
        }

        return $circuit;
    }

    private function tidy(): void
    {
        $files = glob("{$this->folder}/*.php") ?: [];
        if (count($files) > self::MOST) {
            $ages = array_combine($files, array_map(fn (string $one): int => (int) @filemtime($one), $files));
            asort($ages);
            array_map(
                fn (string $one): bool => @unlink($one),
                array_slice(array_keys($ages), 0, count($files) - self::MOST),
            );
        }
    }

    /** Drops all that was kept: by another state of the code it may have been made otherwise. */
    public function clear(): void
    {
        if ($this->folder !== null) {
            array_map(fn (string $one): bool => @unlink($one), glob("{$this->folder}/*") ?: []);
        }
    }
}
