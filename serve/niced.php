<?php

// Before each request of a worker that has the processor only where nobody else wants it (serve/php-fpm.conf). A worker
// stays as it is: it is told once.
$nice = explode(' ', (string) @file_get_contents('/proc/self/stat'))[18] ?? '0';
(int) $nice < 10 && @proc_nice(10 - (int) $nice);
