<?php

namespace DuskSwitch\Tests\Served;

use Closure;
use ZipArchive;

/** A backup as somebody else may have made it: its files changed at will, its list of contents right all the same. */
final class ForeignBackup
{
    /** @param  array<string, string>  $files  by name */
    private function __construct(public array $files, private readonly int $version) {}

    public static function of(string $zip, ?int $version = null): self
    {
        $in = new ZipArchive();
        $in->open($zip, ZipArchive::RDONLY);
        $files = [];
        for ($index = 0; $index < $in->numFiles; $index++) {
            $files[(string) $in->getNameIndex($index)] = (string) $in->getFromIndex($index);
        }
        $in->close();
        $version ??= json_decode($files['manifest.json'])->version;
        unset($files['manifest.json'], $files['files.jsonl']);

        return new self($files, $version);
    }

    /** Changes the JSON of a file. */
    public function change(string $name, Closure $how): void
    {
        $value = json_decode($this->files[$name]);
        $how($value);
        $this->files[$name] = (string) json_encode($value, JSON_PRESERVE_ZERO_FRACTION);
    }

    /** Changes a line of a file that has one each. */
    public function changeLine(string $name, int $line, Closure $how): void
    {
        $lines = explode("\n", rtrim($this->files[$name]));
        $value = json_decode($lines[$line]);
        $how($value);
        $lines[$line] = json_encode($value, JSON_PRESERVE_ZERO_FRACTION);
        $this->files[$name] = implode("\n", $lines)."\n";
    }

    /** The first file whose name ends so. */
    public function named(string $ending): string
    {
        foreach (array_keys($this->files) as $name) {
            if (str_ends_with($name, $ending)) {
                return $name;
            }
        }
        throw new \LogicException("no file ends in {$ending}");
    }

    public function write(string $zip): void
    {
        @unlink($zip);
        $out = new ZipArchive();
        $out->open($zip, ZipArchive::CREATE);
        $sums = array_map(
            fn (string $text): array => ['sha256' => hash('sha256', $text), 'bytes' => strlen($text)],
            $this->files,
        );
        foreach ($this->files as $name => $text) {
            $out->addFromString($name, $text);
        }
        $manifest = ['format' => 'dusk-switch/backup', 'version' => $this->version];
        if ($this->version < 4) {
            $manifest['files'] = $sums;
        } else {
            $lines = array_map(
                fn (string $name, array $is): string => json_encode(['name' => $name, ...$is])."\n",
                array_keys($sums),
                $sums,
            );
            $out->addFromString('files.jsonl', implode('', $lines));
            $manifest['listing'] = ['sha256' => hash('sha256', implode('', $lines))];
        }
        $out->addFromString('manifest.json', (string) json_encode($manifest));
        $out->close();
    }
}
