<?php

return ['default' => 'array', 'stores' => ['array' => ['driver' => 'array']], 'prefix' => ''];
