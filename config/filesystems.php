<?php

declare(strict_types=1);

// Nothing is served from a folder: what the shop keeps is answered by its own addresses, to those who may see it.
return [
    'default' => 'local',
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true]],
    'links' => [],
];
