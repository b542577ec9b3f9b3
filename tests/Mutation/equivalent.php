<?php

/** Changes that change nothing that anyone could see, each with its reason; by file and by the line before and after. */
return [
];
