<?php

declare(strict_types=1);

return [
    // Argon2id takes a password whole, however long it is; what was hashed otherwise before is hashed anew when its person signs in.
    'driver' => env('HASH_DRIVER', 'argon2id'),
    'bcrypt' => ['rounds' => env('BCRYPT_ROUNDS', 12), 'verify' => false],
    'argon' => ['memory' => env('ARGON_MEMORY', 65536), 'threads' => 1, 'time' => env('ARGON_TIME', 4), 'verify' => false],
    'rehash_on_login' => true,
];
