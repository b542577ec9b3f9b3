<?php

namespace DuskSwitch\Tools\Mutation;

/** One change of one place in one file: bytes from (included) to to (excluded) become other text. */
final readonly class Mutation
{
    /** Characters around a change that name it. */
    private const AROUND = 50;

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

    /** What changes with what stands around it, however the lines are broken: it names the change in its file. */
    public function words(string $code): string
    {
        $was = substr($code, $this->from, $this->to - $this->from);
        $before = mb_substr(self::plain(substr($code, 0, $this->from).'#'), -self::AROUND - 1, -1);
        $after = mb_substr(self::plain('#'.substr($code, $this->to)), 1, self::AROUND);

        return $before.'['.self::plain($was).' => '.self::plain($this->text).']'.$after;
    }

    /** Code without what only its layout needs. */
    private static function plain(string $code): string
    {
        $code = (string) preg_replace('/,\s*(?=[)\]}])/', '', $code);
        $code = (string) preg_replace('/\s+/', ' ', $code);

        return (string) preg_replace('/(?<=[(\[]) | (?=[)\]])/', '', $code);
    }
}
