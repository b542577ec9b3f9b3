<?php

// Commands are classes in app/Console; Laravel finds them by itself.
