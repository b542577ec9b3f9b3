<?php

namespace DuskSwitch\Tests\Browser;

/** How a pilot works the page: by mouse, or by keys alone. */
interface Hands
{
    /** Presses the button of that name, in a part of the page where one is given. */
    public function press(string $name, string $in = 'body'): void;

    /** Presses what a selector names first. */
    public function click(string $css): void;

    /** Ticks every box of a selector that isn't yet. */
    public function tick(string $boxes): void;

    /** Chooses from a list. */
    public function choose(string $css, string $option): void;

    /** Writes into a field that is empty, and leaves it. */
    public function write(string $css, string $text): void;
}
