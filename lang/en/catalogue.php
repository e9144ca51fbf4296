<?php

declare(strict_types=1);

// WORDS OF catalogue
return [
];
