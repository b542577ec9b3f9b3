<?php

return ['driver' => 'array', 'lifetime' => 120, 'files' => storage_path('framework/sessions'), 'cookie' => 'dusk'];
