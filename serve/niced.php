<?php

// Before each request of a worker that has the processor only where nobody else wants it (serve/php-fpm.conf). A worker
// stays as it is: it is told once. Where many browsers share the machine, as in the tests, DUSK_NICE=0 leaves it alone.
$wanted = (int) (getenv('DUSK_NICE') === false ? 10 : getenv('DUSK_NICE'));
$is = (int) (explode(' ', (string) @file_get_contents('/proc/self/stat'))[18] ?? 0);
$is < $wanted && @proc_nice($wanted - $is);
