<?php

return [DuskSwitch\App\Provider::class];
