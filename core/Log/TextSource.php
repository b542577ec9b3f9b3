<?php

namespace DuskSwitch\Core\Log;

/** A recording that is in the memory already: short ones, and those of tests. */
final readonly class TextSource implements LogSource
{
    public function __construct(private string $text, private string $name) {}

    public function name(): string
    {
        return $this->name;
    }

    public function bytes(): int
    {
        return strlen($this->text);
    }

    public function head(int $bytes): string
    {
        return substr($this->text, 0, $bytes);
    }

    public function lines(): iterable
    {
        foreach (preg_split('/\r\n|\r|\n/', $this->text) ?: [] as $index => $line) {
            yield $index + 1 => substr($line, 0, self::LONGEST);
        }
    }

    public function uri(): string
    {
        return 'data://text/xml;base64,'.base64_encode($this->text);
    }
}
