<?php

declare(strict_types=1);

namespace App\Pages\Shop;

/** Somebody of the demo shop who can sign in. */
final readonly class DemoSignIn
{
    public function __construct(
        public string $name,
        public string $role,
        public string $email,
        public string $password,
    ) {
    }
}
