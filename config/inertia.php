<?php

declare(strict_types=1);

return [
    'ssr' => ['enabled' => false],
    'testing' => ['ensure_pages_exist' => true],
    'pages' => [
        'ensure_pages_exist' => false,
        'paths' => [resource_path('js/pages')],
        'extensions' => ['svelte'],
    ],
];
