<?php

namespace DuskSwitch\Core\Program;

/** One thread of the loom. */
final readonly class Connection
{
    /**
     * @param  string  $from  such as `control:left-shoulder`
     * @param  string  $to  such as `function:arm`
     * @param  string  $how  drive, condition or feed
     */
    public function __construct(public string $from, public string $to, public string $how) {}
}
