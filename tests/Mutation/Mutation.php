<?php

namespace DuskSwitch\Tests\Mutation;

/** One change of one place in one file: bytes from (included) to to (excluded) become other text. */
final readonly class Mutation
{
    /** @param  int  $until the last line of the statement that it stands in */
    public function __construct(
        public string $file,
        public int $line,
        public int $until,
        public int $from,
        public int $to,
        public string $text,
    ) {}

    /** The file's text with the change made. */
    public function in(string $code): string
    {
        return substr_replace($code, $this->text, $this->from, $this->to - $this->from);
    }

    /** The line before and after, without its indentation: it names the change as long as the line stays as it is. */
    public function words(string $code): string
    {
        $changed = $this->in($code);
        $start = (int) strrpos("\n".substr($code, 0, $this->from), "\n");
        $end = strpos($code."\n", "\n", $this->to);
        $grown = strlen($changed) - strlen($code);

        return trim(substr($code, $start, $end - $start)).
            '  =>  '.
            trim(substr($changed, $start, $end + $grown - $start));
    }
}
