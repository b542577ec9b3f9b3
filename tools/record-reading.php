<?php

// Records what comes of reading documents by chance: what ReadingTest compares with. For a change that is meant.

use DuskSwitch\Tests\Core\Documents\Reading;

require __DIR__.'/../vendor/autoload.php';

$lines = [];
foreach (Reading::AMOUNTS as $schema => $amount) {
    foreach ([false, true] as $isSpoilt) {
        for ($block = 0; $block < intdiv($amount, Reading::BLOCK); $block++) {
            $lines[] = Reading::block($schema, $block, $isSpoilt);
        }
    }
}
file_put_contents(__DIR__.'/../tests/Core/Documents/reading.txt', implode("\n", $lines)."\n");
